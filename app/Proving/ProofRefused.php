<?php

declare(strict_types=1);

namespace App\Proving;

use App\Editing\Refused;

/** A result that nobody can have seen as things stand. */
final class ProofRefused extends Refused
{
    public static function circuitIsOff(string $label): self
    {
        return new self('outcome', "“{$label}” is off: it can be tried once it is live again.");
    }
}
