<?php

declare(strict_types=1);

namespace Kavvel\Core\Handover;

use DateTimeImmutable;
use Kavvel\Core\Catalogue\Battery;

/** A battery device that is in, and the day from which its cells count. */
final readonly class BatteryUse
{
    public function __construct(public string $id, public Battery $battery, public DateTimeImmutable $since) {}
}
