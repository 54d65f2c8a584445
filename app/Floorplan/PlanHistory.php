<?php

declare(strict_types=1);

namespace App\Floorplan;

use App\Models\PlanEdit;
use App\Models\SiteJob;

/** What can be taken back next, and what can be done again. */
final readonly class PlanHistory
{
    private function __construct(public ?PlanEdit $last, public ?PlanEdit $next) {}

    public static function of(SiteJob $job): self
    {
        return new self(
            $job->planEdits()->where('is_undone', false)->latest('id')->first(),
            $job->planEdits()->where('is_undone', true)->oldest('id')->first(),
        );
    }
}
