<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Editing\OptimisticLock;
use App\Http\Requests\Bench\SnagRequest;
use App\Http\Requests\JobRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Snag;
use App\Temporary\TemporaryStates;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

final class SnagController
{
    public function index(SiteJob $job): View
    {
        return view('drawers.snags', [
            'job' => $job,
            'snags' => $job->snags()->with('slot')->orderByRaw("state = 'open' desc")->orderBy('id')->get(),
            'temporary' => TemporaryStates::openOf($job),
            'slots' => $job->slots()->with('room')->orderBy('place')->get(),
        ]);
    }

    public function store(SnagRequest $request, SiteJob $job, Logbook $logbook): RedirectResponse
    {
        $slot = $job->slots()->where('key', $request->string('slot'))->first();
        Snag::query()->create([
            'site_job_id' => $job->id, 'key' => (string) str()->ulid(), 'slot_id' => $slot?->id, 'text' => $request->string('text'),
            'raised_by' => $request->person()->name, 'raised_at' => now(), 'state' => 'open',
        ]);
        $logbook->write($job, $request->person(), 'snag', "Raised a snag: {$request->string('text')}", $slot);

        return redirect()->route('jobs.snags', $job, 303);
    }

    /** Clears a snag: what was wrong is put right. */
    public function update(JobRequest $request, SiteJob $job, Snag $snag, Logbook $logbook, OptimisticLock $lock): RedirectResponse
    {
        $lock->update(
            $snag,
            $request->integer('lock_version'),
            ['state' => 'cleared', 'closed_by' => $request->person()->name, 'closed_at' => now()],
            'this snag',
            ['state' => 'State'],
        );
        $logbook->write($job, $request->person(), 'snag', "Cleared: {$snag->text}");

        return redirect()->route('jobs.snags', $job, 303);
    }
}
