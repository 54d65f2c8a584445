<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\HubOfSlot;
use App\Logbook\Logbook;
use App\Models\ProofCommand;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;

/** Switches a device through its hub; the hub's answer settles the rung. */
final readonly class ProofCommands
{
    public function __construct(private Logbook $logbook) {}

    /** @throws CommandRefused where no hub has a link to the device */
    public function send(SiteJob $job, Slot $slot, User $person): void
    {
        $node = $slot->node()->first();
        $gateway = $node === null ? null : HubOfSlot::linked($slot, $node);
        if ($node === null || $gateway === null) {
            throw CommandRefused::notOverTheLink($slot);
        }
        $command = ProofCommand::query()->create([
            'site_job_id' => $job->id,
            'slot_id' => $slot->id,
            'user_id' => $person->id,
            'reference' => (string) str()->ulid(),
            'asked_at' => now(),
        ]);
        $this->logbook->write($job, $person, 'proof', "Switched the {$slot->title()} from the hub.", $slot);
        SwitchDevice::dispatch($gateway, $command->reference, $node->address);
    }
}
