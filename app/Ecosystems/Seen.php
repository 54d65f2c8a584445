<?php

declare(strict_types=1);

namespace App\Ecosystems;

use DateTimeImmutable;

/** What an ecosystem saw a device become, and when by our clock. */
final readonly class Seen
{
    public function __construct(
        public int $number,
        public DateTimeImmutable $at,
        public string $device,
        public string $capability,
        public string $value,
    ) {}
}
