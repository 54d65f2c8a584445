<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Editing\Refused;
use Kavvel\Core\Bridging\ActOutOfTurn;
use Kavvel\Core\Bridging\Appeared;

/** An act of linking can't be taken as it was said. */
final class LinkRefused extends Refused
{
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

    public static function appeared(Appeared $appeared, int $expected, int $seen): self
    {
        return new self(
            'said',
            "{$seen} of {$expected}. {$appeared->words($expected, $seen)} Mend it and count again, or take it as it is.",
        );
    }
}
