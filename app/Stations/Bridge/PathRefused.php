<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Editing\Refused;
use Kavvel\Core\Bridging\Policy;

/** Paths can't be chosen as asked. */
final class PathRefused extends Refused
{
    public static function isChosenOtherwise(?Policy $now): self
    {
        $words = $now === null ? 'was taken back' : "is “{$now->words()}” now";

        return new self('policy', "Somebody chose meanwhile: it {$words}. Look at it, and choose again if it should be otherwise.");
    }
}
