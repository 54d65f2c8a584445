<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Carry;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Footing;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanWall;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Floorplan\Stretches;
use Kavvel\Core\Floorplan\WallNames;

/** What a room is called, what it is, and how high. */
final readonly class ChangeRoom implements Edit
{
    public function __construct(
        private string $room,
        private string $name,
        private string $code,
        private RoomKind $kind,
        private ?float $height,
    ) {}

    public function apply(Plan $plan): Plan
    {
        $room = $plan->room($this->room);
        $changed = new Room($room->key, $room->storey, $this->name, $this->code, $this->kind, $room->outline, $this->height);
        $rooms = array_replace($plan->rooms, [$room->key => $changed]);
        $plan = $changed->kind === $room->kind ? $plan->with(rooms: $rooms) : Reshape::of($plan, $rooms, Carry::nothing());

        return $this->nameWalls($plan, $room);
    }

    public function words(Plan $before): string
    {
        return 'changed the '.mb_strtolower($before->room($this->room)->name);
    }

    /** Walls that go by the names of their rooms go by the new one. */
    private function nameWalls(Plan $plan, Room $before): Plan
    {
        $rooms = $plan->roomsOn($before->storey);
        $old = new WallNames(array_replace($rooms, [$before->key => $before]));
        $new = new WallNames($rooms);
        $footing = Footing::of(Stretches::of($rooms), $plan->wallsOn($before->storey));
        $walls = array_map(static function (PlanWall $wall) use ($footing, $old, $new): PlanWall {
            foreach ($footing->under($wall) as $stretch) {
                if ($wall->label === $old->of($stretch)) {
                    return $wall->labelled($new->of($stretch));
                }
            }

            return $wall;
        }, $plan->wallsOn($before->storey));

        return $plan->with(walls: array_replace($plan->walls, $walls));
    }
}
