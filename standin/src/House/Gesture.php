<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Catalogue\Recipe;
use Kavvel\Core\Catalogue\Step;

/** What hands did to a button, a tab or a breaker, and what the device takes it for. */
final readonly class Gesture
{
    /** Held a little longer is still held */
    private const HELD_TOO_LONG_SECONDS = 3.0;

    /** A hold of this length changes the wiring set-up of devices that know one */
    private const LONG_HOLD_SECONDS = 5.0;

    /** Presses of a step without a limit of its own must still follow each other */
    private const QUICK_SECONDS = 1.5;

    private function __construct(private string $kind, private int $times, private float $seconds) {}

    /** Presses in quick succession count together; the device remembers them. */
    public static function by(DeviceState $state, int $now, string $kind, int $times, float $seconds): self
    {
        if (! in_array($kind, ['press', 'tap'], true)) {
            return new self($kind, $times, $seconds);
        }
        $within = max(self::QUICK_SECONDS, $state->device->profile->recipe?->gesture()->seconds ?? 0.0);
        $state->presses = array_values(array_filter($state->presses, static fn (int $at): bool => $at >= $now - (int) ($within * 1000)));
        for ($i = 0; $i < $times; $i++) {
            $state->presses[] = $now;
        }

        return new self('press', count($state->presses), $seconds);
    }

    public function joins(Recipe $recipe): bool
    {
        return $recipe->gesture() !== null && $this->fits($recipe->gesture());
    }

    public function leaves(Recipe $recipe): bool
    {
        return $recipe->leave !== [] && $this->fits($recipe->leave[0]) && ! $this->joins($recipe);
    }

    /** A key that is to be pressed short was held, or one that changes the wiring set-up was held long. */
    public function isHeldTooLong(Recipe $recipe): bool
    {
        return $this->kind === 'hold' && ($recipe->gesture()?->isShort() === true || $this->seconds >= self::LONG_HOLD_SECONDS);
    }

    private function fits(Step $step): bool
    {
        return match ($step->kind) {
            'press', 'tap' => $this->kind === 'press' && $this->times === $step->times,
            'power-cycle', 'turn' => $this->kind === $step->kind && $this->times === $step->times,
            'hold',
            'pin-hold' => $this->kind === $step->kind && $this->seconds >= $step->seconds
                && $this->seconds < $step->seconds + self::HELD_TOO_LONG_SECONDS,
            default => $this->kind === $step->kind,
        };
    }
}
