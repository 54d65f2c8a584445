<?php

declare(strict_types=1);

namespace App\Matching;

use App\Logbook\Logbook;
use App\Models\BridgeLink;
use App\Models\JoinWindow;
use App\Models\Node;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\Snag;
use App\Models\User;
use App\Naming\JobNames;
use App\Naming\Labels;
use App\Proving\Proofs;
use App\Windows\EndOfWindow;
use Kavvel\Core\Pairing\NodeFit;
use Kavvel\Core\Proving\Shown;

/** Commissioning in one act: this node is that slot's device. The window closes with it: one at a time. */
final readonly class Matching
{
    public function __construct(
        private Logbook $logbook,
        private Proofs $proofs,
        private EndOfWindow $windows,
        private Labels $labels,
    ) {}

    /** @throws MatchRefused */
    public function match(SiteJob $job, Slot $slot, Node $node, User $person): void
    {
        // Two people may touch one node at the same moment: the second waits here, and is told.
        $node = Node::query()->whereKey($node->id)->lockForUpdate()->firstOrFail();
        $slot = Slot::query()->whereKey($slot->id)->lockForUpdate()->firstOrFail();
        $fit = NodeFit::of($slot->profile()->firstOrFail()->core($job->region), $node->reported());
        $this->check($slot, $node, $fit);
        $slot->update(['node_id' => $node->id, 'named_at' => $slot->node_id === $node->id ? $slot->named_at : null, 'placed_at' => null]);
        $node->update(['matched_at' => now()]);
        $this->proofs->beginStay($slot, $node);
        $this->labels->writeAgain($slot, $node, JobNames::read($job));
        if (! $node->is_reachable) {
            $text = "The {$slot->title()} does not answer behind its bridge: its power, its battery, or its way to the bridge.";
            $this->raiseSnag($job, $slot, $text, $person);
        } elseif ($node->state === 'joined') {
            $this->proofs->show($slot, Shown::byJoining());
        } else {
            $this->raiseSnag($job, $slot, "The {$slot->title()} joined in part. Missing: ".implode(', ', $fit->missing).'.', $person);
        }
        $this->logbook->write($job, $person, 'pair', "Matched {$node->address} to the {$slot->title()}.", $slot);
        $open = JoinWindow::query()
            ->with('attempts.slot.profile')
            ->where('site_job_id', $job->id)
            ->where('gateway_id', $node->gateway_id)
            ->where('protocol', $node->protocol)
            ->whereIn('state', JoinWindow::UNDER_WAY)
            ->get();
        foreach ($open as $window) {
            $this->windows->leave($window, $slot);
        }
    }

    /**
     * @param  string  $seen  ecosystems of which the person was told that it shows there
     *
     * @throws MatchRefused where it shows in others
     */
    public function undo(SiteJob $job, Slot $slot, string $seen, User $person): void
    {
        $into = implode(', ', BridgeLink::into($slot));
        if ($into !== '' && $into !== $seen) {
            throw MatchRefused::showsIn($slot, $into);
        }
        $node = $slot->node()->first();
        $slot->update(['node_id' => null, 'named_at' => null]);
        if ($node !== null) {
            $node->update(['matched_at' => null]);
            $this->proofs->endStay($slot, $node, 'its device was taken away');
        }
        $this->logbook->write($job, $person, 'pair', "Took the device away from the {$slot->title()}.", $slot);
    }

    /** @throws MatchRefused */
    private function check(Slot $slot, Node $node, NodeFit $fit): void
    {
        if ($slot->node_id === $node->id && $node->matched_at !== null) {
            throw MatchRefused::isItAlready($slot, $node->matched_at);
        }
        $before = $slot->node_id === null || $slot->node_id === $node->id ? null : $slot->node()->first();
        if ($before !== null && $before->state !== Node::LEFT) {
            throw MatchRefused::slotIsTaken($slot);
        }
        $other = Slot::query()->where('node_id', $node->id)->whereKeyNot($slot->id)->first();
        if ($other !== null) {
            throw MatchRefused::nodeIsTaken($node, $other);
        }
        if (! $fit->isPossible()) {
            throw MatchRefused::impossible($fit);
        }
        $this->checkBridge($slot, $node);
    }

    /** @throws MatchRefused where one of the two is behind a bridge, and the other is not behind that one */
    public function checkBridge(Slot $slot, Node $node): void
    {
        $bridge = $slot->behind()->with('node')->first();
        if ($bridge === null && $node->via !== null) {
            throw MatchRefused::cameBehindBridge($slot, $node);
        }
        if ($bridge !== null && ($node->via === null || $node->via !== $bridge->node?->address)) {
            throw MatchRefused::isNotBehind($bridge, $node);
        }
    }

    /** A device that joined in part is a failure until somebody accepts it; then it is a snag. So is one that does not answer. */
    private function raiseSnag(SiteJob $job, Slot $slot, string $text, User $person): void
    {
        Snag::query()->create([
            'site_job_id' => $job->id,
            'key' => (string) str()->ulid(),
            'slot_id' => $slot->id,
            'state' => 'open',
            'raised_by' => $person->name,
            'raised_at' => now(),
            'text' => $text,
        ]);
    }
}
