<?php

declare(strict_types=1);

namespace App\Matching;

use App\Logbook\Logbook;
use App\Models\Credential;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\SlotSetting;
use App\Models\User;
use App\Naming\JobNames;
use App\Naming\Labels;
use App\Proving\Proofs;
use Kavvel\Core\Pairing\NodeFit;
use Kavvel\Core\Proving\Shown;

/**
 * A device that is in becomes the device of another slot, without being paired again; where that one has a device itself, the two
 * are exchanged. Its code goes with it; name, room and plan stay with the slot.
 */
final readonly class Carrying
{
    public function __construct(private Logbook $logbook, private Proofs $proofs, private Matching $matching, private Labels $labels) {}

    /** @throws CarryRefused|MatchRefused */
    public function carry(SiteJob $job, Slot $from, Slot $to, User $person): void
    {
        $slots = Slot::query()->whereKey([$from->id, $to->id])->orderBy('id')->lockForUpdate()->get()->keyBy('id');
        [$from, $to] = [$slots[$from->id] ?? $from, $slots[$to->id] ?? $to];
        if ($from->id === $to->id) {
            throw CarryRefused::isTheSame($to);
        }
        $device = $this->device($from) ?? throw CarryRefused::hasNone($from);
        $other = $this->device($to);
        $this->check($job, $to, $device);
        if ($other !== null) {
            $this->check($job, $from, $other);
        }
        $this->leave($from, $device, "it is the {$to->title()}");
        $this->leave($to, $other, "it is the {$from->title()}");
        $this->exchangeCodes($from, $to);
        $names = JobNames::read($job);
        $this->enter($to, $device, $names);
        $this->enter($from, $other, $names);
        $this->logbook->write($job, $person, 'name', $other === null
            ? "{$device->address} is the {$to->title()}, and no longer the {$from->title()}."
            : "Exchanged: {$device->address} is the {$to->title()}, {$other->address} the {$from->title()}.", $to);
    }

    private function device(Slot $slot): ?Node
    {
        $node = $slot->node()->first();

        return $node === null || $node->state === Node::LEFT ? null : $node;
    }

    /** @throws CarryRefused|MatchRefused */
    private function check(SiteJob $job, Slot $slot, Node $node): void
    {
        $fit = NodeFit::of($slot->profile()->firstOrFail()->core($job->region), $node->reported());
        if (! $fit->isPossible()) {
            throw CarryRefused::doesNotFit($slot, $fit);
        }
        $this->matching->checkBridge($slot, $node);
    }

    /** What was shown and set was shown and set of that device: the slot begins anew, and keeps what was planned for it. */
    private function leave(Slot $slot, ?Node $node, string $because): void
    {
        $slot->update(['node_id' => null, 'named_at' => null, 'name_command' => null, 'name_refused' => null]);
        if ($node !== null) {
            $this->proofs->endStay($slot, $node, $because);
            SlotSetting::setAnew($slot);
        }
    }

    private function enter(Slot $slot, ?Node $node, JobNames $names): void
    {
        if ($node === null) {
            return;
        }
        $slot->update(['node_id' => $node->id]);
        $node->update(['matched_at' => now()]);
        $this->proofs->beginStay($slot, $node);
        if ($node->state === 'joined' && $node->is_reachable) {
            $this->proofs->show($slot, Shown::byJoining());
        }
        $this->labels->writeAgain($slot, $node, $names);
    }

    /** A code is printed on its device. */
    private function exchangeCodes(Slot $from, Slot $to): void
    {
        $codes = Credential::query()->whereIn('slot_id', [$from->id, $to->id])->whereNotNull('fingerprint')->get();
        foreach ($codes as $code) {
            $code->update(['slot_id' => $code->slot_id === $from->id ? $to->id : $from->id]);
        }
    }
}
