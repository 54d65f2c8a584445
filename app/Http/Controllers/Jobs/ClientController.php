<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Editing\OptimisticLock;
use App\Http\Requests\Jobs\ClientRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

final class ClientController
{
    public function update(ClientRequest $request, SiteJob $job, Logbook $logbook, OptimisticLock $lock): RedirectResponse
    {
        $lock->update($job, $request->integer('lock_version'), $request->values(), 'the client of this job', [
            'client_name' => 'Client', 'client_email' => 'E-mail', 'client_phone' => 'Telephone', 'address' => 'Address',
        ]);
        $logbook->write($job, $request->person(), 'job', 'Changed the client’s details.');

        return redirect()->route('jobs.index', status: 303);
    }
}
