<?php

declare(strict_types=1);

namespace App\Naming;

use App\Editing\Refused;
use App\Models\NameBatch;

/** Names can't be changed together as things stand. */
final class RenameRefused extends Refused
{
    public static function nothingAsked(): self
    {
        return new self('at', 'Say what is to change: all by the pattern, or “old words > new words”.');
    }

    public static function changedMeanwhile(): self
    {
        return new self('at', 'Names or the plan have changed since this was shown. Look at it again, and rename then.');
    }

    public static function nothingToDo(): self
    {
        return new self('at', 'None of these can be changed as it is. See what stands beside each.');
    }

    public static function isTakenBack(NameBatch $batch): self
    {
        return new self('batch', "That was taken back already, at {$batch->undone_at?->onSite()->format('H:i')}.");
    }

    public static function otherIsNext(NameBatch $later): self
    {
        return new self('batch', "Take back what {$later->by} changed after it first: {$later->words}.");
    }
}
