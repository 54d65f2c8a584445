<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Editing\OptimisticLock;
use App\JobSheet\HubOfSlot;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;

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
            WriteLabel::dispatch($gateway, $command, $node->address, $name);
        }
    }
}
