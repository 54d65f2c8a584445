<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** A device that is to show in an ecosystem: by which path, and under which name and room. */
final readonly class Meant
{
    /**
     * @param  string  $device  id
     * @param  string|null  $mark  by which it is the same everywhere; null: not in yet, or without one
     * @param  string|null  $name  as it is to show there; null: no form of it fits
     * @param  string|null  $source  what its source calls it; null: it has no name there
     * @param  string|null  $over  name of the last box of its path; null: it comes in by itself
     */
    public function __construct(
        public string $device,
        public ?string $mark,
        public ?string $name,
        public string $room,
        public ?string $source,
        public ?string $over,
        public Copies $copies,
    ) {}
}
