<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\Spot;

/** A kind of device at a place: which of a room's open demands it would serve, and what speaks against it. */
final readonly class Candidate
{
    /**
     * @param  RoomOpening|null  $opening  null: in the room
     * @param  int  $mask  the demands that it serves, a bit each
     * @param  list<Demand>  $demands  the same
     */
    public function __construct(
        public ?RoomOpening $opening,
        public Profile $profile,
        public Spot $spot,
        public int $mask,
        public array $demands,
        public Drawbacks $drawbacks,
    ) {}

    /** @return list<WantedFunction> */
    public function functions(): array
    {
        return array_map(static fn (Demand $demand): WantedFunction => $demand->function, $this->demands);
    }

    public function at(): string
    {
        return $this->opening->id ?? Demand::IN_THE_ROOM;
    }

    public function id(): string
    {
        return "{$this->at()} {$this->profile->key}";
    }
}
