<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\SlotCard;
use Closure;

/** The card that the pairing bench shows, and the device that it is about. */
final readonly class PairShown
{
    /** @param Closure(): array<string, mixed> $data for its view */
    public function __construct(public string $view, public Closure $data, public ?SlotCard $about, public bool $isLive) {}
}
