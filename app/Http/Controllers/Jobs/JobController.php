<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Bench\StationList;
use App\Http\Requests\Jobs\NewJobRequest;
use App\JobList\NewJobs;
use App\JobList\VisibleJobs;
use App\Models\Company;
use App\Models\SiteJob;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class JobController
{
    public function index(Request $request, VisibleJobs $jobs): View
    {
        /** @var User $user */
        $user = $request->user();

        return view('jobs.index', [
            'jobs' => $jobs->for($user),
            'archived' => $jobs->archivedFor($user),
            'company' => Company::query()->findOrFail($user->company_id),
            'user' => $user,
        ]);
    }

    public function store(NewJobRequest $request, NewJobs $jobs): RedirectResponse
    {
        $job = $jobs->make($request->values(), $request->person());

        return redirect()->route('jobs.show', $job, 303);
    }

    /** The station where a job's work stands. */
    public function show(SiteJob $job): RedirectResponse
    {
        $station = match ($job->stage) {
            'survey' => 'survey',
            'aftercare' => 'hand-over',
            default => 'pair',
        };

        return redirect()->route(StationList::route($station), $job);
    }
}
