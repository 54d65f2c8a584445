<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

/** What has been shown of a slot, rung by rung. A rung is offered as soon as its hop is made. */
final readonly class Ladder
{
    /** @param array<string, Proof> $proofs the one that counts of each rung, by its value */
    private function __construct(private array $proofs, private bool $isJoined) {}

    /**
     * The latest of each rung counts, among those that the node in the slot has shown and nobody has taken back. A device
     * that comes into another's place starts anew; what the other has shown stays in the record.
     *
     * @param  list<Proof>  $record  oldest first
     * @param  int|null  $node  the one that is in the slot
     * @param  bool  $isJoined  it is on the network, with all that it can do
     */
    public static function of(array $record, ?int $node, bool $isJoined): self
    {
        $proofs = [];
        foreach ($record as $proof) {
            if ($proof->node === $node && ! $proof->isWithdrawn) {
                $proofs[$proof->rung->value] = $proof;
            }
        }

        return new self($proofs, $isJoined);
    }

    public function outcome(Rung $rung): ?Outcome
    {
        return $this->proof($rung)?->outcome;
    }

    public function proof(Rung $rung): ?Proof
    {
        return $this->proofs[$rung->value] ?? null;
    }

    /** Whether this would add to what is known: the radio says the same again and again. */
    public function isNews(Shown $shown): bool
    {
        return $this->outcome($shown->rung) !== $shown->outcome;
    }

    /** By hand needs nothing; the radio and the hub need a node. */
    public function offers(Rung $rung): bool
    {
        return $rung === Rung::Hand || $this->isJoined;
    }

    /** The rung where the fault lies: the lowest that failed. */
    public function fault(): ?Rung
    {
        foreach (Rung::cases() as $rung) {
            if ($this->outcome($rung) === Outcome::Failed) {
                return $rung;
            }
        }

        return null;
    }

    /** The next rung to climb, or null when all have passed or were left out with a reason. */
    public function next(): ?Rung
    {
        foreach (Rung::cases() as $rung) {
            if (! in_array($this->outcome($rung), [Outcome::Passed, Outcome::NotTested], true)) {
                return $rung;
            }
        }

        return null;
    }

    public function standing(): Standing
    {
        return match (true) {
            $this->fault() !== null => Standing::Fault,
            ! $this->isJoined => Standing::Planned,
            $this->passed() === count(Rung::cases()) => Standing::Proved,
            default => Standing::In,
        };
    }

    public function passed(): int
    {
        return count(array_filter(Rung::cases(), fn (Rung $rung): bool => $this->outcome($rung) === Outcome::Passed));
    }
}
