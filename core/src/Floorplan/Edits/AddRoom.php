<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Carry;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\FreeKey;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\RoomKind;
use Kavvel\Core\Floorplan\RoomMeasure;
use Kavvel\Core\Floorplan\Shape;

/** A room as it was measured, wall to wall with what is there already; an outbuilding some way off. */
final readonly class AddRoom implements Edit
{
    private const CODE_LETTERS = 3;

    /** How far off an outbuilding is put until it is dragged to its place, in metres */
    private const APART_M = 4.0;

    /** @param array{float, float}|null $place of its upper left corner; null: beside the others */
    public function __construct(
        private Measured $measured,
        private string $storey,
        private RoomKind $kind = RoomKind::Room,
        private ?array $place = null,
    ) {}

    public function apply(Plan $plan): Plan
    {
        $storey = $plan->storey($this->storey);
        $place = $this->place ?? $this->beside($plan);
        $room = new Room(
            $this->key($plan),
            $storey->key,
            $this->measured->name,
            $this->code($plan),
            $this->kind,
            $this->measured->outline($place[0], $place[1], $this->kind),
            $this->measured->height === null || abs($this->measured->height - $storey->height) < 0.001 ? null : $this->measured->height,
        );

        $added = Reshape::of($plan, array_replace($plan->rooms, [$room->key => $room]), Carry::nothing());

        return $this->place === null && $this->kind->hasWalls() ? $this->asMeasured($plan, $added, $room) : $added;
    }

    /** A thick wall between two rooms takes from both: each gets back what was measured of it. */
    private function asMeasured(Plan $before, Plan $after, Room $room): Plan
    {
        $left = $room->outline[0][0];
        foreach ($before->roomsOn($room->storey) as $other) {
            $was = $other->kind->hasWalls() && abs($other->polygon()->bounds()[2] - $left) < Shape::SAME_M
                ? RoomMeasure::of($other, $before->wallsOn($room->storey))
                : null;
            if ($was?->width !== null && $was->depth !== null) {
                $after = (new ResizeRoom($other->key, $was->width, $was->depth))->apply($after);
            }
        }

        return (new ResizeRoom($room->key, $this->measured->width, $this->measured->depth))->apply($after);
    }

    public function key(Plan $before): string
    {
        return FreeKey::named($this->measured->name, 'room', $before->rooms);
    }

    public function words(Plan $before): string
    {
        $size = sprintf('%.2f × %.2f m', $this->measured->width, $this->measured->depth);

        return 'measured the '.mb_strtolower($this->measured->name).", {$size}";
    }

    /** @return array{float, float} */
    private function beside(Plan $plan): array
    {
        $corners = array_merge(...array_values(array_map(
            static fn (Room $room): array => $room->kind->hasWalls() ? $room->outline : [],
            $plan->roomsOn($this->storey),
        )));
        if ($corners === []) {
            return [0.0, 0.0];
        }
        $apart = $this->kind === RoomKind::Outbuilding ? self::APART_M : 0.0;

        return $this->kind->hasWalls()
            ? [max(array_column($corners, 0)) + $apart, min(array_column($corners, 1))]
            : [min(array_column($corners, 0)), max(array_column($corners, 1))];
    }

    private function code(Plan $plan): string
    {
        $letters = strtoupper(str_replace('-', '', FreeKey::named($this->measured->name, 'room', [])));
        $base = substr($letters, 0, self::CODE_LETTERS);
        $taken = array_flip(array_map(static fn (Room $room): string => $room->code, $plan->rooms));
        for ($code = $base, $n = 2; isset($taken[$code]); $n++) {
            $code = $base.$n;
        }

        return $code;
    }
}
