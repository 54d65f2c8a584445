<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Requests\JobRequest;
use App\JobList\JobRemoval;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

/** An archived job leaves the list; nothing of it is lost, and it can be taken out again. */
final class ArchiveController
{
    /** Deletes an archived job for good. */
    public function destroy(JobRequest $request, SiteJob $job, JobRemoval $removal): RedirectResponse
    {
        $name = $job->name;
        $removal->remove($job, $request->string('written')->toString());

        return redirect()->route('jobs.index', status: 303)->with('saved', "{$name} is deleted, with its packs.");
    }

    public function update(JobRequest $request, SiteJob $job, Logbook $logbook): RedirectResponse
    {
        $isArchived = $job->archived_at === null;
        $job->update(['archived_at' => $isArchived ? now() : null]);
        $logbook->write($job, $request->person(), 'job', $isArchived ? 'Archived this job.' : 'Took this job out of the archive.');

        return redirect()->route('jobs.index', status: 303)->with('saved', $isArchived
            ? "{$job->name} is in the archive, at the end of this page."
            : "{$job->name} is on the list again.");
    }
}
