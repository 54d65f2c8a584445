<?php

declare(strict_types=1);

namespace Kavvel\Core\Handover;

use DateTimeImmutable;

/** All devices of a job that take one type of cell: how many cells, the shortest life among them, and when the first is due. */
final readonly class BatteryRow
{
    /** @param list<string> $ids of the devices, in the order in which they were given */
    public function __construct(
        public string $type,
        public int $cells,
        public array $ids,
        public BatteryLife $shortest,
        public DateTimeImmutable $due,
    ) {}
}
