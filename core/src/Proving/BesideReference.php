<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

/** A sensor that lay beside a reference: right, right with an offset, or not to be trusted. */
final readonly class BesideReference
{
    /** Differences of readings carry rounding noise of this size */
    private const NOISE = 1e-9;

    /**
     * @param  float  $apart  of the reference from what the sensor says
     * @param  float  $offset  that would set it right, whatever it has now
     */
    private function __construct(
        public Measured $what,
        public float $apart,
        public float $offset,
        public bool $isSettled,
        private float $has,
    ) {}

    /**
     * @param  float  $reading  as the sensor says it
     * @param  float  $has  offset that is in it already: another takes its place
     */
    public static function of(Measured $what, float $reading, float $reference, bool $isSettled, float $has = 0.0): self
    {
        $apart = round($reference - $reading, 1);

        return new self($what, $apart, round($has + $apart, 1), $isSettled, $has);
    }

    public function isRight(): bool
    {
        return $this->isSettled && abs($this->apart) <= $this->what->passesUpTo() + self::NOISE;
    }

    /** An offset, entered on it or at its hub, sets it right. */
    public function needsOffset(): bool
    {
        return $this->isSettled && ! $this->isRight() && abs($this->offset) <= $this->what->offsetUpTo() + self::NOISE;
    }

    public function words(): string
    {
        $apart = sprintf('%+.1f %s', $this->apart, $this->what->unit());
        $instead = $this->has === 0.0 ? '' : sprintf(' in place of %+.1f', $this->has);

        return match (true) {
            ! $this->isSettled => "Not settled: let both lie until they change by less than {$this->what->settledBelow()} "
                ."{$this->what->unit()} in five minutes.",
            $this->isRight() => "It is right: the reference is {$apart} from it.",
            $this->needsOffset() => sprintf("An offset of %+.1f %s{$instead} sets it right.", $this->offset, $this->what->unit()),
            default => "The reference is {$apart} from it"
                .($this->has === 0.0 ? '' : sprintf(', which has an offset of %+.1f already', $this->has))
                .': not settled, badly placed, or defective. No offset mends that.',
        };
    }
}
