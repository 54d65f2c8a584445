<?php

declare(strict_types=1);

namespace Kavvel\Core\Van;

/** What is done on one visit. */
final readonly class Visit
{
    /**
     * @param  int  $number  of the visit
     * @param  int  $hasMinutes  that are left of it
     * @param  int  $minutes  that its work takes
     * @param  list<VanSlot>  $slots
     */
    public function __construct(public int $number, public int $hasMinutes, public int $minutes, public array $slots) {}

    /** @return array<string, int> minutes by room, in the order of the work */
    public function byRoom(): array
    {
        $rooms = [];
        foreach ($this->slots as $slot) {
            $rooms[$slot->room] = ($rooms[$slot->room] ?? 0) + $slot->minutes();
        }

        return $rooms;
    }
}
