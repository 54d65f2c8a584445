<?php

declare(strict_types=1);

namespace App\Proving;

use App\Gateway\GatewayAway;
use App\Gateway\GatewayClient;
use App\Gateway\GatewayRefused;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\ProofCommand;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Switches a device through the gateway; its answer settles the hub rung. */
final readonly class ProofCommands
{
    public function __construct(private Logbook $logbook) {}

    /** @throws ValidationException where the gateway has no link to the device */
    public function send(SiteJob $job, Slot $slot, User $person): void
    {
        $sheet = JobSheet::of($job);
        $card = $sheet->cards[$slot->key];
        if ($card->node === null || $sheet->gateway === null || ! $sheet->isLinked($card)) {
            throw ValidationException::withMessages(['slot' => "The hub can’t switch the {$slot->title()} over the link. Switch it from its own controller, and write down what you see."]);
        }
        $command = ProofCommand::query()->create(['site_job_id' => $job->id, 'slot_id' => $slot->id, 'user_id' => $person->id, 'reference' => (string) str()->ulid(), 'asked_at' => now()]);
        $this->logbook->write($job, $person, 'proof', "Switched the {$slot->title()} from the hub.", $slot);
        [$gateway, $address] = [$sheet->gateway, $card->node->address];
        DB::afterCommit(static function () use ($gateway, $command, $address): void {
            try {
                GatewayClient::for($gateway)->switch($command->reference, $address, 'toggle');
            } catch (GatewayAway|GatewayRefused $failed) {
                session()->flash('notice', "Nothing was switched. {$failed->getMessage()}");
            }
        });
    }
}
