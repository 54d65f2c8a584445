<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Editing\OptimisticLock;
use App\Http\Requests\Jobs\VisitRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

final class VisitController
{
    public function update(VisitRequest $request, SiteJob $job, Logbook $logbook, OptimisticLock $lock): RedirectResponse
    {
        $lock->update($job, $request->integer('lock_version'), $request->values(), 'the visit of this job', [
            'visit_number' => 'Visit', 'visit_of' => 'Of', 'planned_minutes' => 'Minutes planned', 'used_minutes' => 'Minutes used',
        ]);
        $logbook->write(
            $job,
            $request->person(),
            'job',
            "Planned visit {$job->visit_number} of {$job->visit_of}, {$job->planned_minutes} minutes.",
        );

        return redirect()->route('jobs.index', status: 303);
    }
}
