<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Editing\Refused;
use Kavvel\Core\Bridging\ActOutOfTurn;
use Kavvel\Core\Bridging\Appeared;
use Kavvel\Core\Bridging\MigrationStep;

/** An act of linking can't be taken as it was said. */
final class LinkRefused extends Refused
{
    /** Devices that a refusal names */
    private const NAMED = 3;

    public static function isNotPlanned(): self
    {
        return new self('link', 'No path leads over that link any more: boxes or wants have changed. Look at the paths again.');
    }

    public static function isOutOfTurn(ActOutOfTurn $meanwhile): self
    {
        return new self('link', $meanwhile->getMessage());
    }

    public static function isNoCount(): self
    {
        return new self('said', 'Say how many appeared, as a number.');
    }

    public static function isNoCode(string $why): self
    {
        return new self('said', "{$why} The window was not noted as open: read the code off again, or leave it out.");
    }

    public static function isOver(): self
    {
        return new self('said', 'The window is over: its code opens nothing any more. Open the next one.');
    }

    public static function isTooEarly(MigrationStep $first): self
    {
        return new self('link', "Not yet, first: {$first->words()}.");
    }

    /** @param list<string> $devices in the middle of a sentence */
    public static function isNotInside(string $box, array $devices): self
    {
        $missing = self::some($devices);

        return new self('link', "{$box} does not have the {$missing}. Look whether that is its hub, or make the list by hand.");
    }

    /** @param list<string> $devices in the middle of a sentence */
    public static function isNotThere(string $ecosystem, int $meant, array $devices): self
    {
        $there = $meant - count($devices);
        $missing = self::some($devices);

        return new self('said', Appeared::of($meant, $there) === Appeared::None
            ? "{$ecosystem} shows none of the {$meant}. ".Appeared::None->words($meant, 0)
            : "{$ecosystem} shows {$there} of {$meant}; not there yet: the {$missing}. They come one after the other: read it once more.");
    }

    public static function appeared(Appeared $appeared, int $expected, int $seen): self
    {
        return new self(
            'said',
            "{$seen} of {$expected}. {$appeared->words($expected, $seen)} Mend it and count again, or take it as it is.",
        );
    }

    /** @param list<string> $devices */
    private static function some(array $devices): string
    {
        $more = count($devices) - self::NAMED;

        return implode(', ', array_slice($devices, 0, self::NAMED)).($more > 0 ? " and {$more} more" : '');
    }
}
