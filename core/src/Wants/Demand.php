<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Siting\RoomOpening;

/** One function that has to be there at one place: in the room, or at one of its openings. */
final readonly class Demand
{
    public const IN_THE_ROOM = 'room';

    public function __construct(public WantedFunction $function, public ?RoomOpening $opening) {}

    /** What is made for doors goes on no window. */
    public function isServedBy(Profile $profile): bool
    {
        return $this->function->isServedBy($profile)
            && ($this->opening === null || ! $this->opening->isWindow() || $profile->spot !== SpotKind::Door);
    }

    /** What it is called where it is left out: the same in every version of the plan that has the opening there. */
    public function key(string $room): string
    {
        return "{$room} {$this->function->value} {$this->at()}";
    }

    public function at(): string
    {
        return $this->opening->id ?? self::IN_THE_ROOM;
    }
}
