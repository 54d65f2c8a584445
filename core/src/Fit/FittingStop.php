<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** A circuit with all that is fitted while it is off, once. */
final readonly class FittingStop
{
    /**
     * @param  string|null  $circuit  key; null: nobody has said which
     * @param  list<WiredSlot>  $slots  room by room
     */
    public function __construct(public ?string $circuit, public array $slots, public int $minutes, public string $why) {}

    /** @return list<WiredSlot> what has to be settled before it is switched off, so that it is off once */
    public function unsettled(): array
    {
        return array_values(array_filter($this->slots, static fn (WiredSlot $one): bool => $one->standing()->isUnsettled()));
    }

    /** @return list<WiredSlot> */
    public function of(FitStanding ...$standings): array
    {
        return array_values(array_filter($this->slots, static fn (WiredSlot $one): bool => in_array($one->standing(), $standings, true)));
    }

    public function work(): ?CircuitWork
    {
        return $this->slots[0]->work ?? null;
    }

    public function isDone(): bool
    {
        return $this->of(FitStanding::Done) === $this->slots && $this->work()?->isOff() !== true;
    }
}
