<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

use DateTimeImmutable;

/** What has been shown of a slot, rung by rung. A rung is offered as soon as its hop is made. */
final readonly class Ladder
{
    /**
     * @param  array<string, Proof>  $proofs  the one that counts of each rung, by its key
     * @param  list<LadderStep>  $steps  lowest first
     */
    private function __construct(private array $proofs, private bool $isJoined, public array $steps) {}

    /**
     * The latest of each rung counts, among those that the node in the slot has shown and nobody has taken back. A device
     * that comes into another's place starts anew; what the other has shown stays in the record.
     *
     * @param  list<Proof>  $record  oldest first
     * @param  int|null  $node  the one that is in the slot
     * @param  bool  $isJoined  it is on the network, with all that it can do
     * @param  array<string, string>  $linked  names of the ecosystems that it is linked into, by id: a rung each
     * @param  array<string, DateTimeImmutable>  $since  when its path into each was made or changed: what was shown before counts no more
     */
    public static function of(array $record, ?int $node, bool $isJoined, array $linked = [], array $since = []): self
    {
        $proofs = [];
        foreach ($record as $proof) {
            $from = $since[$proof->ecosystem] ?? null;
            $isStale = $from !== null && $proof->at !== null && $proof->at < $from;
            if ($proof->node === $node && ! $proof->isWithdrawn && ! $isStale) {
                $proofs[trim("{$proof->rung->value} {$proof->ecosystem}")] = $proof;
            }
        }

        return new self($proofs, $isJoined, [
            ...array_map(LadderStep::own(...), Rung::own()),
            ...array_map(LadderStep::into(...), array_map(strval(...), array_keys($linked)), array_values($linked)),
        ]);
    }

    public function outcome(Rung|LadderStep $rung): ?Outcome
    {
        return $this->proof($rung)?->outcome;
    }

    public function proof(Rung|LadderStep $rung): ?Proof
    {
        return $this->proofs[$rung instanceof LadderStep ? $rung->key() : $rung->value] ?? null;
    }

    /** The rung of an ecosystem; null: it is not linked into that one. */
    public function into(string $ecosystem): ?LadderStep
    {
        foreach ($this->steps as $step) {
            if ($step->rung === Rung::Ecosystem && $step->ecosystem === $ecosystem) {
                return $step;
            }
        }

        return null;
    }

    /** Whether this would add to what is known: the radio says the same again and again. */
    public function isNews(Shown $shown): bool
    {
        return $this->outcome($shown->rung) !== $shown->outcome;
    }

    /** By hand needs nothing; all that lies above needs a node. */
    public function offers(LadderStep $step): bool
    {
        return $step->rung === Rung::Hand || $this->isJoined;
    }

    /** The rung where the fault lies: the lowest that failed. */
    public function fault(): ?LadderStep
    {
        foreach ($this->steps as $step) {
            if ($this->outcome($step) === Outcome::Failed) {
                return $step;
            }
        }

        return null;
    }

    /** The next rung to climb, or null when all have passed or were left out with a reason. */
    public function next(): ?LadderStep
    {
        foreach ($this->steps as $step) {
            if (! in_array($this->outcome($step), [Outcome::Passed, Outcome::NotTested], true)) {
                return $step;
            }
        }

        return null;
    }

    public function standing(): Standing
    {
        return match (true) {
            $this->fault() !== null => Standing::Fault,
            ! $this->isJoined => Standing::Planned,
            $this->passed() === count($this->steps) => Standing::Proved,
            default => Standing::In,
        };
    }

    public function passed(): int
    {
        return count(array_filter($this->steps, fn (LadderStep $step): bool => $this->outcome($step) === Outcome::Passed));
    }
}
