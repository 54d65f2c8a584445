<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** A way that has reached the ecosystem where it is wanted. */
final readonly class Path
{
    private function __construct(public Want $want, public Way $way, public int $lostNeeds) {}

    /** @param Way $way that has come to its end */
    public static function of(Want $want, Way $way): self
    {
        return new self($want, $way, count(array_diff(array_unique($want->needs), $way->keeps())));
    }

    public function isMet(): bool
    {
        return $this->lostNeeds === 0;
    }

    /** Whether anything of what is wanted arrives: else the device shows there for nothing. */
    public function brings(): bool
    {
        return $this->lostNeeds < count(array_unique($this->want->needs));
    }

    /** @return list<Loss> by capability */
    public function losses(): array
    {
        $losses = $this->way->losses;
        usort($losses, static fn (Loss $a, Loss $b): int => strcmp($a->capability, $b->capability));

        return $losses;
    }

    /** @return list<Loss> of what is wanted, by capability */
    public function lossesOfNeeds(): array
    {
        return array_values(array_filter($this->losses(), fn (Loss $loss): bool => in_array($loss->capability, $this->want->needs, true)));
    }

    /** @return list<string> what is wanted of the device that it can't do at all */
    public function neverHad(): array
    {
        $had = [...$this->way->keeps(), ...array_map(static fn (Loss $loss): string => $loss->capability, $this->way->losses)];

        return array_values(array_unique(array_diff($this->want->needs, $had)));
    }
}
