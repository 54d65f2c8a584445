<?php

declare(strict_types=1);

namespace App\Plan;

/** Where a hub is tried that stands elsewhere, in metres; from is null where it stands on another storey. */
final readonly class Trial
{
    /** @param array{float, float}|null $from */
    public function __construct(public float $x, public float $y, public ?array $from) {}
}
