<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Editing\Refused;

/** No pack can be issued as things stand. */
final class PackRefused extends Refused
{
    public static function snagsAreOpen(int $open): self
    {
        return new self('pack', $open === 1
            ? 'One snag is open. Clear it, or have the client accept it by name.'
            : "{$open} snags are open. Clear them, or have the client accept them by name.");
    }

    public static function isNotClosed(int $open): self
    {
        return new self('pack', $open === 1
            ? 'Something that was opened for the work is not closed yet.'
            : "{$open} things that were opened for the work are not closed yet.");
    }

    public static function isBeingMade(): self
    {
        return new self('pack', 'A pack is being made already.');
    }
}
