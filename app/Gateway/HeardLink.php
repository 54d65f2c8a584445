<?php

declare(strict_types=1);

namespace App\Gateway;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** A link as a hub lists it: who hears whom, in dB above what is needed. */
final readonly class HeardLink
{
    /** No radio of the job hears better or worse */
    private const MOST_DB = 300.0;

    private function __construct(public string $from, public string $to, public float $marginDb, public ?float $marginBackDb) {}

    /** @throws InvalidInput */
    public static function read(Input $link): self
    {
        $back = $link->find('marginBackDb');

        return new self(
            $link->get('from')->idUpTo(ListedNode::LONGEST_ADDRESS),
            $link->get('to')->idUpTo(ListedNode::LONGEST_ADDRESS),
            self::margin($link->get('marginDb')),
            $back === null ? null : self::margin($back),
        );
    }

    /** @throws InvalidInput */
    private static function margin(Input $margin): float
    {
        return abs($margin->number()) <= self::MOST_DB
            ? $margin->number()
            : throw InvalidInput::outOfRange($margin->at, 'a margin between -'.self::MOST_DB.' and '.self::MOST_DB.' dB');
    }
}
