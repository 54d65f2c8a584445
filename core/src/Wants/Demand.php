<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Siting\RoomOpening;

/** One function that has to be there at one place: in the room, or at one of its openings. */
final readonly class Demand
{
    public function __construct(public WantedFunction $function, public ?RoomOpening $opening) {}

    public function at(): string
    {
        return $this->opening->id ?? 'room';
    }
}
