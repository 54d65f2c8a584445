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
     * @param  array<string, list<string>>|null  $routes  over whom the hub goes to each device; null: it does not say
     */
    private function __construct(public array $links, public array $asleep, public ?array $routes) {}

    /** @throws InvalidInput */
    public static function read(Input $reading): self
    {
        return new self(
            array_map(HeardLink::read(...), $reading->get('links')->items()),
            array_map(
                static fn (Input $address): string => $address->idUpTo(ListedNode::LONGEST_ADDRESS),
                $reading->find('asleep')?->items() ?? [],
            ),
            $reading->find('routes') === null ? null : self::routes($reading->get('routes')),
        );
    }

    /** @return array<string, list<string>> relays from the device to the hub, by address */
    private static function routes(Input $all): array
    {
        $routes = [];
        foreach ($all->items() as $route) {
            $routes[' '.$route->get('address')->idUpTo(ListedNode::LONGEST_ADDRESS)] = array_map(
                static fn (Input $relay): string => $relay->idUpTo(ListedNode::LONGEST_ADDRESS),
                $route->get('via')->items(),
            );
        }

        return $routes;
    }
}
