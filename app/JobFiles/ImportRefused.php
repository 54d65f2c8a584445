<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Editing\Refused;
use App\Models\SiteJob;
use Kavvel\Core\Input\InvalidInput;

/** A job file makes no job. */
final class ImportRefused extends Refused
{
    public static function isBroken(InvalidInput $broken): self
    {
        return new self('file', "{$broken->getMessage()} It stands at {$broken->at}. Nothing was changed.");
    }

    /** Keys or addresses that the database can't tell apart. */
    public static function twoAreOne(): self
    {
        return new self('file', 'The file has two things of one kind that differ in case or accents only. Nothing was changed.');
    }

    public static function cantBeKept(): self
    {
        return new self('file', 'The file has a value that can’t be kept: too long, too large, or no such date. Nothing was changed.');
    }

    public static function isNoPicture(string $at): self
    {
        return new self('file', "This is no JPEG or PNG picture in base 64. It stands at {$at}. Nothing was changed.");
    }

    public static function isHereAlready(SiteJob $twin): self
    {
        return new self(
            'again',
            "“{$twin->name}” is here already. Open it; or choose the file again and say that you want a second one. Nothing was changed.",
        );
    }
}
