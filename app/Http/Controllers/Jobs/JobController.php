<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Requests\Jobs\ImportJobRequest;
use App\JobFiles\Importer;
use App\JobSheet\VisibleJobs;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\User;
use App\Radio\Forecasts;
use App\Stations\Station;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Kavvel\Core\Input\InvalidInput;

final class JobController
{
    public function index(Request $request, VisibleJobs $today): View
    {
        /** @var User $user */
        $user = $request->user();

        return view('jobs.index', ['today' => $today->for($user), 'user' => $user]);
    }

    /** The station where a job's work stands. */
    public function show(SiteJob $job): RedirectResponse
    {
        return redirect()->route(match ($job->stage) {
            'survey' => Station::Survey->route(),
            'aftercare' => Station::HandOver->route(),
            default => Station::Pair->route(),
        }, $job);
    }

    public function store(ImportJobRequest $request, Importer $importer, Forecasts $forecasts, Logbook $logbook): RedirectResponse
    {
        try {
            $job = $importer->import($request->jobFile());
        } catch (InvalidInput $refused) {
            throw ValidationException::withMessages(['file' => "{$refused->getMessage()} Nothing was changed."]);
        }
        $forecasts->refresh($job);
        $job->users()->syncWithoutDetaching([$request->user()?->getAuthIdentifier()]);
        $logbook->write($job, $request->person(), 'job', 'Made this job from a job file.');

        return redirect()->route('jobs.show', $job, 303);
    }
}
