<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Editing\Refused;

/** Names can't be noted as set. */
final class NamesRefused extends Refused
{
    public static function haveChanged(string $ecosystem): self
    {
        return new self('seen', "What is to be set in {$ecosystem} has changed meanwhile: look at the list again.");
    }
}
