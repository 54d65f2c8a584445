<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/** A place in the building, in metres; z is the height above the ground floor. */
final readonly class Vec3
{
    public function __construct(public float $x, public float $y, public float $z) {}

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y, $this->z - $other->z);
    }

    public function length(): float
    {
        return sqrt($this->x ** 2 + $this->y ** 2 + $this->z ** 2);
    }

    public function distanceTo(self $other): float
    {
        return $this->minus($other)->length();
    }
}
