<?php

declare(strict_types=1);

namespace App\Http\Controllers\HandOver;

use App\Editing\OptimisticLock;
use App\Http\Requests\HandOver\AcceptanceRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Snag;
use Illuminate\Http\RedirectResponse;

final class SnagAcceptanceController
{
    public function store(AcceptanceRequest $request, SiteJob $job, Snag $snag, Logbook $logbook, OptimisticLock $lock): RedirectResponse
    {
        $name = $request->string('accepted_by')->squish()->toString();
        $lock->update(
            $snag,
            $request->integer('lock_version'),
            ['state' => 'accepted', 'accepted_by' => $name, 'closed_by' => $request->person()->name, 'closed_at' => now()],
            'this snag',
            ['state' => 'State', 'accepted_by' => 'Accepted by'],
        );
        $logbook->write($job, $request->person(), 'snag', "{$name} accepts: {$snag->text}");

        return redirect()->route('jobs.hand-over', $job, 303);
    }
}
