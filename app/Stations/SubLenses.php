<?php

declare(strict_types=1);

namespace App\Stations;

/** A second row of keys: lenses that share a key of the first. */
final readonly class SubLenses
{
    /** @param array<string, string> $titles by word */
    public function __construct(public array $titles, public string $chosen) {}
}
