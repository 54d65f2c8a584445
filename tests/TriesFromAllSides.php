<?php

declare(strict_types=1);

namespace Tests;

use App\Models\CrossRun;
use App\Stations\Bridge\CrossStep;
use App\Tenancy\CurrentCompany;
use Illuminate\Support\Carbon;

/** A test from all sides is gone through step by step, the clock of the stand-in and ours side by side. */
trait TriesFromAllSides
{
    /** By how much both clocks have gone on, in seconds */
    private int $ahead = 0;

    /** Until nothing is left to be done. */
    private function goThrough(): void
    {
        for ($steps = 0; $this->step() && $steps < 400; $steps++) {
            $seconds = CrossRun::query()->latest('id')->value('is_waiting') ? 1 : 5;
            $this->pass($seconds);
            $this->ahead += $seconds;
            $ahead = $this->ahead;
            // Both clocks go on while it is worked: what a slow machine takes is no delay of the device.
            Carbon::setTestNow(static fn (Carbon $now): Carbon => $now->addSeconds($ahead));
        }
        $this->pass(5);
    }

    private function step(): bool
    {
        $run = CrossRun::query()->latest('id')->firstOrFail();
        (new CrossStep($run))->handle(app(CurrentCompany::class));

        return $run->refresh()->ended_at === null;
    }
}
