<?php

declare(strict_types=1);

namespace App\Gateway;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What a hub answers when it is asked for a reading of its radio. */
final readonly class HeardLinks
{
    /**
     * @param  list<HeardLink>  $links
     * @param  list<string>  $asleep  addresses of devices that have not been awake since it began
     */
    private function __construct(public array $links, public array $asleep) {}

    /** @throws InvalidInput */
    public static function read(Input $reading): self
    {
        return new self(
            array_map(HeardLink::read(...), $reading->get('links')->items()),
            array_map(
                static fn (Input $address): string => $address->idUpTo(ListedNode::LONGEST_ADDRESS),
                $reading->find('asleep')?->items() ?? [],
            ),
        );
    }
}
