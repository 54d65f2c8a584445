<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\Editing\Refused;
use Kavvel\Core\Fit\WorkRefused;

/** Something at a box or its circuit that can't be done as things stand. */
final class FitRefused extends Refused
{
    public static function bySafety(WorkRefused $refused): self
    {
        return new self('act', $refused->getMessage());
    }

    public static function goesIntoNoWall(): self
    {
        return new self('slot', 'This device goes into no box in the wall: there is nothing to fit here.');
    }

    public static function isNoBlind(): self
    {
        return new self('slot', 'This device is no blind and no lock: there is nothing to put up or to teach.');
    }

    public static function isUnderWork(): self
    {
        return new self('slot', 'Its box is open: shut it first, with the device in or as it was.');
    }

    public static function hangsElsewhere(string $called, string $label): self
    {
        return new self('slot', "The {$called} does not hang on “{$label}”, as far as is noted: its box is no part of this work.");
    }

    public static function isOnItsNetwork(): self
    {
        return new self('slot', 'It is on its network. Take it off there first, at its slot.');
    }

    public static function sayBreaker(): self
    {
        return new self('breaker', 'Say which breaker kills it: the one that its label names does not.');
    }

    public static function needsBox(): self
    {
        return new self('box', 'Look into the box first: there is nothing to change yet.');
    }

    public static function isFitted(): self
    {
        return new self('slot', 'It is in the wall already.');
    }

    public static function doesNotFit(string $why): self
    {
        return new self('slot', "It does not go in as things stand. {$why}");
    }

    public static function wireIsGone(string $name): self
    {
        return new self('wire', "There is no conductor “{$name}” in this box any more.");
    }

    public static function isMeasured(): self
    {
        return new self('wire', 'Its conductors are being measured: they can’t change now. Begin anew at this box to note others.');
    }
}
