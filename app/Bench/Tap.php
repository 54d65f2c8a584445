<?php

declare(strict_types=1);

namespace App\Bench;

use App\Stations\Progress;

/** One station on the line. */
final readonly class Tap
{
    public function __construct(public string $name, public int $number, public string $title, public Progress $progress) {}

    public function route(): string
    {
        return StationList::route($this->name);
    }
}
