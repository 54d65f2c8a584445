<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/**
 * An endless straight line in the plan, in metres: a direction that points right or, upright, down; how far it lies from the
 * origin along its normal; and places on it by their distance along.
 */
final readonly class Line
{
    /** Lines this much apart are two, in metres and as the sine of their angle */
    private const SAME_M = 0.002;

    private const SAME_ANGLE = 1e-3;

    private function __construct(public float $ux, public float $uy, public float $off) {}

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    public static function through(array $a, array $b): self
    {
        $length = hypot($b[0] - $a[0], $b[1] - $a[1]);
        $ux = ($b[0] - $a[0]) / $length;
        $uy = ($b[1] - $a[1]) / $length;
        if ($ux < -1e-9 || (abs($ux) <= 1e-9 && $uy < 0)) {
            [$ux, $uy] = [-$ux, -$uy];
        }

        return new self($ux, $uy, $a[1] * $ux - $a[0] * $uy);
    }

    /** @param array{float, float} $place */
    public function along(array $place): float
    {
        return $place[0] * $this->ux + $place[1] * $this->uy;
    }

    /** @param array{float, float} $place how far it lies off, to the side that the normal points to */
    public function offOf(array $place): float
    {
        return $place[1] * $this->ux - $place[0] * $this->uy - $this->off;
    }

    /** @return array{float, float} */
    public function at(float $along, float $off = 0.0): array
    {
        $far = $this->off + $off;

        return [
            Shape::millimetres($along * $this->ux - $far * $this->uy),
            Shape::millimetres($along * $this->uy + $far * $this->ux),
        ];
    }

    public function isParallelTo(self $other): bool
    {
        return abs($this->ux * $other->uy - $this->uy * $other->ux) < self::SAME_ANGLE;
    }

    public function isSameAs(self $other): bool
    {
        return $this->isParallelTo($other) && abs($this->off - $other->off) < self::SAME_M;
    }

    public function movedBy(float $dx, float $dy): self
    {
        return new self($this->ux, $this->uy, $this->off + $dy * $this->ux - $dx * $this->uy);
    }

    /** How much of a move goes along the line. */
    public function share(float $dx, float $dy): float
    {
        return $dx * $this->ux + $dy * $this->uy;
    }

    /** @return float|null how far along it another line crosses; null where they are parallel */
    public function crossing(self $other): ?float
    {
        $sine = $this->ux * $other->uy - $this->uy * $other->ux;
        if (abs($sine) < self::SAME_ANGLE) {
            return null;
        }
        $cosine = $this->ux * $other->ux + $this->uy * $other->uy;

        return ($this->off * $cosine - $other->off) / $sine;
    }

    /** 1 where the normal points right or down, −1 where it points left or up. */
    public function sign(): int
    {
        return $this->isLevel() || $this->uy < 0 ? 1 : -1;
    }

    /** @return array{float, float} a move across the line, along its normal */
    public function across(float $by): array
    {
        return [-$this->uy * $by, $this->ux * $by];
    }

    public function isLevel(): bool
    {
        return abs($this->ux) >= abs($this->uy);
    }
}
