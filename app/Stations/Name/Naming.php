<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Naming\JobNames;
use App\Naming\Labels;
use Kavvel\Core\Naming\DeviceLabel;

/** Gives a slot its name, and writes it to the node. It counts as named once the hub has confirmed it. */
final readonly class Naming
{
    public function __construct(private OptimisticLock $lock, private Labels $labels, private Logbook $logbook) {}

    /** @throws NameRefused when the name would be mistaken for another, or does not fit */
    public function give(SiteJob $job, Slot $slot, string $name, int $seenVersion, User $person): void
    {
        $judgement = JobNames::read($job)->judge($slot->key, $name);
        if (! $judgement->isGood()) {
            throw NameRefused::because($judgement->refusals);
        }
        $before = $slot->name;
        $this->lock->update($slot, $seenVersion, [
            'name' => $name, 'named_at' => null, 'name_before' => $before === $name ? $slot->name_before : $before,
        ], "the {$slot->title()}", ['name' => 'Name']);
        $this->logbook->write($job, $person, 'name', $before === null || $before === $name
            ? "Named the {$slot->title()} “{$name}”."
            : "Renamed the {$slot->title()}: “{$before}” is “{$name}” now.", $slot);
        $node = $slot->node()->first();
        if ($node === null) {
            $slot->update(['named_at' => now()]);
        } else {
            $this->labels->write($slot, $node, DeviceLabel::of($judgement->name, $node->protocol));
        }
    }
}
