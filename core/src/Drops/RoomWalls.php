<?php

declare(strict_types=1);

namespace Kavvel\Core\Drops;

use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\RoomMeasure;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Storey;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;

/** The walls of one room as all of its points need them. */
final readonly class RoomWalls
{
    /**
     * @param  list<array{array{float, float}, array{float, float}}>  $edges  of its outline
     * @param  array<int, float>  $insets  how far the face of its wall lies inside each edge, in metres
     * @param  list<RoomOpening>  $openings
     */
    private function __construct(
        public Room $room,
        public Storey $storey,
        public array $edges,
        public array $insets,
        public array $openings,
    ) {}

    public static function of(Plan $plan, string $room): self
    {
        $room = $plan->room($room);

        return new self(
            $room,
            $plan->storey($room->storey),
            array_values(Shape::edges($room->outline)),
            RoomMeasure::insets($room, $plan->wallsOn($room->storey)),
            RoomSpots::of($plan, $room->key)->openings,
        );
    }

    /** Clear, in metres. */
    public function ceiling(): float
    {
        return $this->room->height ?? $this->storey->height;
    }
}
