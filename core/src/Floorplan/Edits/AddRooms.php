<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;

/** Many rooms at once, taken back as one. */
final readonly class AddRooms implements Edit
{
    /** @param list<AddRoom> $rooms */
    public function __construct(private array $rooms) {}

    public function apply(Plan $plan): Plan
    {
        foreach ($this->rooms as $room) {
            $plan = $room->apply($plan);
        }

        return $plan;
    }

    public function words(Plan $before): string
    {
        return 'took in '.count($this->rooms).' rooms from a table';
    }
}
