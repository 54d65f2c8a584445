<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\HubOfSlot;
use App\Logbook\Logbook;
use App\Matching\LetGoOfNode;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Protocol\Leaving;

/** Takes a device out of our network, in the way of its protocol. */
final readonly class Departures
{
    public function __construct(private JoinWindows $windows, private Logbook $logbook) {}

    /** @throws WindowRefused */
    public function begin(SiteJob $job, Slot $slot, User $person): void
    {
        if ($slot->profile()->firstOrFail()->protocol()->rules()->leaving() === Leaving::Excluded) {
            $this->windows->exclude($job, $slot, $person);

            return;
        }
        $node = $slot->node()->first();
        if ($node?->via !== null) {
            throw WindowRefused::leavesAtBridge($slot);
        }
        $gateway = $node === null ? null : HubOfSlot::linked($slot, $node);
        if ($node === null || $gateway === null) {
            throw WindowRefused::isNotReached($slot);
        }
        $this->logbook->write($job, $person, 'pair', "Asked {$gateway->name} to let the {$slot->title()} go.", $slot);
        $slot->update(['leave_refused' => null]);
        LetGoOfNode::dispatch($gateway, (string) str()->ulid(), $node->address, $slot->id);
    }
}
