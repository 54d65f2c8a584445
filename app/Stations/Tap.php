<?php

declare(strict_types=1);

namespace App\Stations;

/** One station on the line: what is open there, and the share of its work that is done. */
final readonly class Tap
{
    public function __construct(public Station $station, public float $share, public int $open, public string $openWords) {}

    public function isClear(): bool
    {
        return $this->open === 0 && $this->share >= 1.0;
    }
}
