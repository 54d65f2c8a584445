<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

/** What has been shown of a slot, rung by rung. A rung is offered as soon as its hop is made. */
final readonly class Ladder
{
    /** @param array<string, Outcome> $outcomes the latest of each rung, by its value */
    public function __construct(private array $outcomes, private bool $isJoined) {}

    public function outcome(Rung $rung): ?Outcome
    {
        return $this->outcomes[$rung->value] ?? null;
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
