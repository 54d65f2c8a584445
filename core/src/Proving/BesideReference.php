<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

/** A sensor that lay beside a reference: right, right with an offset, or not to be trusted. */
final readonly class BesideReference
{
    /** Differences of readings carry rounding noise of this size */
    private const NOISE = 1e-9;

    private function __construct(public Measured $what, public float $offset, public bool $isSettled) {}

    /** @param float $reading of the sensor, without an offset of its own */
    public static function of(Measured $what, float $reading, float $reference, bool $isSettled): self
    {
        return new self($what, round($reference - $reading, 1), $isSettled);
    }

    public function isRight(): bool
    {
        return $this->isSettled && abs($this->offset) <= $this->what->passesUpTo() + self::NOISE;
    }

    /** An offset, entered on it or at its hub, sets it right. */
    public function needsOffset(): bool
    {
        return $this->isSettled && ! $this->isRight() && abs($this->offset) <= $this->what->offsetUpTo() + self::NOISE;
    }

    public function words(): string
    {
        $apart = sprintf('%+.1f %s', $this->offset, $this->what->unit());

        return match (true) {
            ! $this->isSettled => "Not settled: let both lie until they change by less than {$this->what->settledBelow()} "
                ."{$this->what->unit()} in five minutes.",
            $this->isRight() => "It is right: the reference is {$apart} from it.",
            $this->needsOffset() => "An offset of {$apart} sets it right.",
            default => "The reference is {$apart} from it: not settled, badly placed, or defective. No offset mends that.",
        };
    }
}
