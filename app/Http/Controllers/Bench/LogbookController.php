<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\NoteRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class LogbookController
{
    private const SHOWN = 40;

    public function index(Request $request, SiteJob $job): View
    {
        $latest = $job->logEntries()->latest('at')->latest('id')->limit(self::SHOWN + 1);
        $before = $request->has('before') ? $job->logEntries()->find($request->integer('before')) : null;
        if ($before !== null) {
            $latest->whereRowValues(['at', 'id'], '<', [$before->getRawOriginal('at'), $before->id]);
        }
        $entries = $latest->get();
        $shown = $entries->take(self::SHOWN);

        return view('drawers.logbook', [
            'job' => $job,
            'entries' => $shown,
            'earlier' => $entries->count() > self::SHOWN ? route('jobs.logbook', [$job, 'before' => $shown->last()?->id]) : null,
        ]);
    }

    public function store(NoteRequest $request, SiteJob $job, Logbook $logbook): RedirectResponse
    {
        $logbook->write($job, $request->person(), 'note', $request->string('text')->toString());

        return redirect()->route('jobs.logbook', $job, 303);
    }
}
