<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\NoteRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class LogbookController
{
    private const SHOWN = 200;

    public function index(SiteJob $job): View
    {
        return view('drawers.logbook', [
            'job' => $job,
            'entries' => $job->logEntries()->latest('at')->latest('id')->limit(self::SHOWN)->get(),
        ]);
    }

    public function store(NoteRequest $request, SiteJob $job, Logbook $logbook): RedirectResponse
    {
        $logbook->write($job, $request->person(), 'note', $request->string('text')->toString());

        return redirect()->route('jobs.logbook', $job, 303);
    }
}
