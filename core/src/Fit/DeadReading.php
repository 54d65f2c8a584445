<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** What a detector showed between two conductors after the circuit was switched off. */
final readonly class DeadReading
{
    public function __construct(public string $a, public string $b, public float $volts) {}

    public function isOf(string $a, string $b): bool
    {
        return [$this->a, $this->b] === [$a, $b] || [$this->a, $this->b] === [$b, $a];
    }
}
