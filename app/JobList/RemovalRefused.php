<?php

declare(strict_types=1);

namespace App\JobList;

use App\Editing\Refused;
use App\Models\SiteJob;

/** A job is not taken away. */
final class RemovalRefused extends Refused
{
    public static function isNotArchived(SiteJob $job): self
    {
        return new self('written', "{$job->name} is not in the archive. Archive it first; then it can be deleted for good.");
    }

    public static function isCalledOtherwise(SiteJob $job): self
    {
        return new self('written', "Write “{$job->name}” to delete it for good. Nothing was deleted.");
    }
}
