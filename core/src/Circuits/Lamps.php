<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** Lamps alike of one circuit in one room. */
final readonly class Lamps
{
    /** @param float $watts each */
    public function __construct(public string $room, public int $count, public float $watts, public Dimmable $dimmable) {}

    public function allWatts(): float
    {
        return $this->count * $this->watts;
    }
}
