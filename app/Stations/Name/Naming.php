<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Editing\OptimisticLock;
use App\Gateway\GatewayAway;
use App\Gateway\GatewayClient;
use App\Gateway\GatewayRefused;
use App\JobSheet\HubOfSlot;
use App\Logbook\Logbook;
use App\Models\Gateway;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Gives a slot its name, and writes it to the node. It counts as named once the hub has confirmed it. */
final readonly class Naming
{
    public function __construct(private OptimisticLock $lock, private Logbook $logbook) {}

    /** @throws NameRefused when the name would be mistaken for another, or does not fit */
    public function give(SiteJob $job, Slot $slot, string $name, int $seenVersion, User $person): void
    {
        $judgement = JobNames::read($job)->judge($slot->key, $name);
        if (! $judgement->isGood()) {
            throw NameRefused::because($judgement->refusals);
        }
        $node = $slot->node()->first();
        $gateway = $node === null ? null : HubOfSlot::linked($slot, $node);
        $command = (string) str()->ulid();
        $this->lock->update($slot, $seenVersion, [
            'name' => $name,
            'named_at' => $gateway === null ? now() : null,
            'name_command' => $command,
            'name_refused' => null,
        ], "the {$slot->title()}", ['name' => 'Name']);
        $this->logbook->write($job, $person, 'name', "Named the {$slot->title()} “{$name}”.", $slot);
        if ($gateway !== null && $node !== null) {
            DB::afterCommit(fn () => $this->write($gateway, $slot, $node->address, $name, $command));
        }
    }

    private function write(Gateway $gateway, Slot $slot, string $address, string $name, string $command): void
    {
        try {
            GatewayClient::for($gateway)->label($command, $address, $name);
        } catch (GatewayAway|GatewayRefused $failed) {
            Slot::query()->whereKey($slot->id)->update(['name_refused' => $failed->getMessage()]);
            session()->flash('notice', "“{$name}” is kept here, and is not on the device. {$failed->getMessage()}");
        }
    }
}
