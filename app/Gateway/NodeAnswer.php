<?php

declare(strict_types=1);

namespace App\Gateway;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What a hub answers when it is asked for its nodes. One that can't be read takes no other with it. */
final readonly class NodeAnswer
{
    /**
     * @param  int  $newest  number of the last event that the list takes into account
     * @param  list<ListedNode>  $nodes
     * @param  list<string>  $unreadable  why others of the list can't be read
     */
    private function __construct(public string $epoch, public int $newest, public array $nodes, public array $unreadable) {}

    /** @throws InvalidInput */
    public static function read(Input $answer): self
    {
        $nodes = [];
        $unreadable = [];
        foreach ($answer->get('nodes')->items() as $node) {
            try {
                $nodes[] = ListedNode::read($node);
            } catch (InvalidInput $wrong) {
                $unreadable[] = $wrong->getMessage();
            }
        }

        return new self($answer->get('epoch')->idUpTo(EventPage::LONGEST_EPOCH), $answer->get('newest')->wholeFrom(0), $nodes, $unreadable);
    }
}
