<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateway\GatewayAway;
use App\Gateway\GatewayClient;
use App\Gateway\GatewayRefused;
use App\Http\Requests\PersonRequest;
use App\Logbook\Logbook;
use App\Models\ProofCommand;
use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

final class ProofCommandController
{
    /** Switches the device through the gateway; its answer settles the hub rung. */
    public function store(PersonRequest $request, SiteJob $job, Slot $slot, Logbook $logbook): RedirectResponse
    {
        $node = $slot->node()->firstOrFail();
        $gateway = $node->gateway()->firstOrFail();
        $command = ProofCommand::query()->create(['site_job_id' => $job->id, 'slot_id' => $slot->id, 'user_id' => $request->person()->id, 'reference' => (string) str()->ulid(), 'asked_at' => now()]);
        $logbook->write($job, $request->person(), 'proof', "Switched the {$slot->title()} from the hub.", $slot);
        DB::afterCommit(static function () use ($gateway, $command, $node): void {
            try {
                GatewayClient::for($gateway)->switch($command->reference, $node->address, 'toggle');
            } catch (GatewayAway|GatewayRefused $failed) {
                session()->flash('notice', "Nothing was switched. {$failed->getMessage()}");
            }
        });

        return redirect($request->backToSlot($slot), 303);
    }
}
