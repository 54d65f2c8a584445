<?php

declare(strict_types=1);

namespace App\Proving;

use App\Logbook\Logbook;
use App\Models\Isolation;
use App\Models\Node;
use App\Models\ProofCommand;
use App\Models\ProofResult;
use App\Models\Slot;
use App\Models\Snag;
use App\Models\Stay;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Kavvel\Core\Proving\Ladder;
use Kavvel\Core\Proving\LadderStep;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Proof;
use Kavvel\Core\Proving\Rung;
use Kavvel\Core\Proving\Shown;

/**
 * The record of what was shown of each slot. Nothing in it is replaced: the latest result counts, of the node that is in
 * the slot, unless it was taken back.
 */
final readonly class Proofs
{
    public function __construct(private Logbook $logbook) {}

    /** What the radio shows by itself; the same again is not written down again. */
    public function show(Slot $slot, Shown $shown, ?int $userId = null): void
    {
        if ($this->ladder($slot)->isNews($shown)) {
            $this->write($slot, $shown->rung, $shown->outcome, $userId, $shown->because);
        }
    }

    /** A person asked for it: every try is written down. */
    public function showByCommand(ProofCommand $command, Shown $shown): void
    {
        $this->write($command->slot, $shown->rung, $shown->outcome, $command->user_id, $shown->because);
        if ($shown->outcome === Outcome::Failed) {
            $this->raise($command->slot, $shown->rung->words(), $shown->because, Logbook::HUB);
        }
    }

    /**
     * What a person saw. A failure is a snag at once.
     *
     * @throws ProofRefused where it can't have been seen
     */
    public function note(
        Slot $slot,
        LadderStep $step,
        Outcome $outcome,
        User $person,
        ?string $reason,
    ): void {
        $off = $step->rung === Rung::Hand && $outcome !== Outcome::NotTested ? Isolation::offAt($slot) : null;
        if ($off !== null) {
            throw ProofRefused::circuitIsOff($off->label);
        }
        $this->write($slot, $step->rung, $outcome, $person->id, $reason, $step->ecosystem);
        $words = $step->words();
        $said = match ($outcome) {
            Outcome::Passed => "{$words}: shown of the {$slot->title()}.",
            Outcome::Failed => "{$words}: failed on the {$slot->title()}. {$reason}",
            Outcome::NotTested => "{$words}: not tested on the {$slot->title()}. {$reason}",
        };
        $this->logbook->write($slot->job()->firstOrFail(), $person, 'proof', $said, $slot);
        if ($outcome === Outcome::Failed) {
            $this->raise($slot, $words, (string) $reason, $person->name);
        }
    }

    /** Takes back what counts for a rung; what was shown before it stands again. */
    public function withdraw(Slot $slot, LadderStep $step, User $person, string $reason): void
    {
        $this->counting($slot)->where('rung', $step->rung)->where('ecosystem_key', $step->ecosystem ?: null)
            ->orderByDesc('id')->limit(1)
            ->update(self::withdrawal($person->name, $reason));
        $line = "Took back “{$step->words()}” of the {$slot->title()}: {$reason}";
        $this->logbook->write($slot->job()->firstOrFail(), $person, 'proof', $line, $slot);
    }

    /** It was put in, or came out: what was shown by hand before was shown of it somewhere else. On a network it is past that. */
    public function movedByHand(Slot $slot): void
    {
        ProofResult::query()->where('slot_id', $slot->id)->whereNull('node_id')->where('rung', Rung::Hand)->whereNull('withdrawn_at')
            ->update(self::withdrawal(Logbook::HUB, 'it was put in, or taken out, since'));
    }

    /**
     * A node comes into a slot: its ladder starts anew. What was shown by hand before any node was in was shown of this
     * very device.
     */
    public function beginStay(Slot $slot, Node $node): void
    {
        $this->endStay($slot, $node, 'it was paired anew');
        Stay::begin($slot, $node);
        ProofResult::query()
            ->where('slot_id', $slot->id)
            ->whereNull('node_id')
            ->whereNull('withdrawn_at')
            ->update(['node_id' => $node->id]);
    }

    /** A node leaves a slot; what it has shown stays in the record. */
    public function endStay(Slot $slot, Node $node, string $because): void
    {
        Stay::end($slot, $because);
        ProofResult::query()->where('slot_id', $slot->id)->where('node_id', $node->id)->whereNull('withdrawn_at')
            ->update(self::withdrawal(Logbook::HUB, $because));
    }

    private function write(
        Slot $slot,
        Rung $rung,
        Outcome $outcome,
        ?int $userId,
        ?string $reason,
        string $ecosystem = '',
    ): void {
        ProofResult::query()->create([
            'site_job_id' => $slot->site_job_id,
            'slot_id' => $slot->id,
            'node_id' => $slot->node_id,
            'user_id' => $userId,
            'rung' => $rung,
            'ecosystem_key' => $ecosystem ?: null,
            'outcome' => $outcome,
            'reason' => $reason,
            'at' => now(),
        ]);
    }

    private function ladder(Slot $slot): Ladder
    {
        $record = $this->counting($slot)->orderBy('id')->get()
            ->map(static fn (ProofResult $result): Proof => new Proof($result->rung, $result->outcome, $result->node_id));

        return Ladder::of(array_values($record->all()), $slot->node_id, true);
    }

    /** @return Builder<ProofResult> */
    private function counting(Slot $slot): Builder
    {
        return ProofResult::query()->where('slot_id', $slot->id)->where('node_id', $slot->node_id)->whereNull('withdrawn_at');
    }

    private function raise(Slot $slot, string $rung, string $reason, string $by): void
    {
        Snag::query()->firstOrCreate([
            'site_job_id' => $slot->site_job_id,
            'slot_id' => $slot->id,
            'text' => mb_strimwidth("{$rung} fails on the {$slot->title()}: {$reason}", 0, 500, '…'),
            'state' => 'open',
        ], ['key' => (string) str()->ulid(), 'raised_by' => $by, 'raised_at' => now()]);
    }

    /** @return array<string, mixed> */
    private static function withdrawal(string $by, string $because): array
    {
        return ['withdrawn_at' => now(), 'withdrawn_by' => $by, 'withdrawn_because' => $because];
    }
}
