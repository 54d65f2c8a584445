<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/**
 * From where something counts as open, and from where as closed again: just outside the band in which it is when open, and
 * apart by as much as its readings are, so that it does not tell the one and the other in turn where it stands still.
 */
final readonly class Threshold
{
    /** Positions are told in whole percent */
    private const STEP = 1.0;

    /** Less than that apart, a reading that drifts by a step or two tells both in turn */
    private const LEAST_HYSTERESIS = 2.0;

    /** Bands nearer to each other leave no room for a threshold and its hysteresis */
    private const LEAST_APART = 5.0;

    /** @param float $open at it or beyond it counts as open; what lies between the two stays as it was */
    private function __construct(public float $open, public float $closed) {}

    /** @throws BandsTooClose */
    public static function between(EndBand $open, EndBand $closed): self
    {
        $isRising = $open->least > $closed->most;
        $apart = ($isRising ? $open->least - $closed->most : $closed->least - $open->most) - $open->slack - $closed->slack;
        if ($apart < self::LEAST_APART) {
            throw BandsTooClose::are($open, $closed);
        }
        $hysteresis = max(self::LEAST_HYSTERESIS, $open->spread(), $closed->spread());
        if ($isRising) {
            $at = ceil($open->least - $open->slack) - self::STEP;

            return new self($at, max(floor($closed->most + $closed->slack) + self::STEP, $at - $hysteresis));
        }
        $at = floor($open->most + $open->slack) + self::STEP;

        return new self($at, min(ceil($closed->least - $closed->slack) - self::STEP, $at + $hysteresis));
    }

    public static function of(float $open, float $closed): self
    {
        return new self($open, $closed);
    }

    /** @param bool $wasOpen before this reading */
    public function isOpen(float $reading, bool $wasOpen): bool
    {
        $isRising = $this->open > $this->closed;

        return match (true) {
            $isRising ? $reading >= $this->open : $reading <= $this->open => true,
            $isRising ? $reading <= $this->closed : $reading >= $this->closed => false,
            default => $wasOpen,
        };
    }

    /** "open from 85 %, closed from 78 % down" */
    public function words(string $unit): string
    {
        [$open, $closed] = [EndBand::text($this->open), EndBand::text($this->closed)];

        return $this->open > $this->closed
            ? "open from {$open} {$unit} up, closed from {$closed} {$unit} down"
            : "open from {$open} {$unit} down, closed from {$closed} {$unit} up";
    }
}
