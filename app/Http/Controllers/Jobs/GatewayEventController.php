<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Gateway\EventStore;
use App\Http\Requests\JobRequest;
use App\Logbook\Logbook;
use App\Models\GatewayEvent;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

final class GatewayEventController
{
    /** Tries again what was set aside. */
    public function update(
        JobRequest $request,
        SiteJob $job,
        GatewayEvent $gatewayEvent,
        EventStore $events,
        Logbook $logbook,
    ): RedirectResponse {
        $isDone = $events->tryAgain($gatewayEvent);
        $line = "Tried again what {$gatewayEvent->gateway()->value('name')} had said: ".($isDone
            ? 'it is taken in.'
            : 'it still can’t be read.');
        $logbook->write($job, $request->person(), 'gateway', $line);

        return redirect()->route('jobs.index', status: 303)->with('saved', $line);
    }
}
