<?php

declare(strict_types=1);

namespace App\JobSheet;

/** The forecast of a slot in short: margin in dB straight to the gateway, and over its best way. */
final readonly class SlotForecast
{
    public function __construct(public int $id, public ?float $marginDb, public ?float $bestDb, public ?string $parentKey) {}
}
