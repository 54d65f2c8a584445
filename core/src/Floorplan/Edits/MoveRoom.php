<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Carry;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Snap;

/** A room goes elsewhere with all that is in it; dragged by hand it comes to lie at what is near. */
final readonly class MoveRoom implements Edit
{
    public function __construct(private string $room, private float $dx, private float $dy, private bool $byHand = false) {}

    public function apply(Plan $plan): Plan
    {
        $room = $plan->room($this->room);
        [$dx, $dy] = $this->byHand
            ? Snap::room($room, $this->dx, $this->dy, [...$plan->roomsOn($room->storey), ...$this->roomsBelow($plan, $room->storey)])
            : [$this->dx, $this->dy];
        if (abs($dx) < Shape::SAME_M && abs($dy) < Shape::SAME_M) {
            throw PlanRefused::nothingToDo('move: it is there already');
        }
        $moved = $room->withOutline(array_map(static fn (array $corner): array => Shape::moved($corner, $dx, $dy), $room->outline));

        return Reshape::of($plan, array_replace($plan->rooms, [$room->key => $moved]), Carry::wholeRoom($room, $dx, $dy));
    }

    public function words(Plan $before): string
    {
        return 'moved the '.mb_strtolower($before->room($this->room)->name);
    }

    /** @return list<Room> walls of a house stand on walls */
    private function roomsBelow(Plan $plan, string $storey): array
    {
        $below = $plan->storeyBelow($storey);

        return $below === null ? [] : array_values($plan->roomsOn($below->key));
    }
}
