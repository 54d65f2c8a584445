<?php

declare(strict_types=1);

namespace App\Floorplan;

use App\Models\SiteJob;
use App\Radio\Forecasts;
use App\Tenancy\CurrentCompany;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** What the radios can do by the plan as it stands now: worked out behind the page, which shows none until then. */
final class RefreshForecasts implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function __construct(private readonly int $companyId, private readonly int $jobId) {}

    public function uniqueId(): string
    {
        return (string) $this->jobId;
    }

    public function handle(CurrentCompany $company, Forecasts $forecasts): void
    {
        $company->during($this->companyId, function () use ($forecasts): void {
            $job = SiteJob::query()->find($this->jobId);
            if ($job !== null) {
                $forecasts->refresh($job);
                $job->touchLive();
            }
        });
    }
}
