<?php

declare(strict_types=1);

namespace App\Stations\Survey\Rooms;

use App\Plan\Geometry;
use App\Plan\WallShapes;
use Kavvel\Core\Floorplan\Duct;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanWall;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\RoomMeasure;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Storey;
use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Site\Polygon;

/**
 * One storey of a plan as it is drawn to be changed, in metres.
 *
 * @phpstan-import-type WallRow from Geometry
 * @phpstan-type DraftRoom array{
 *     key: string, name: string, size: string, kind: string, showsSize: bool, points: string, x: float, y: float, font: float,
 *     corners: list<array{float, float}>,
 * }
 * @phpstan-type DraftWall array{key: string, label: string, points: string, line: array{float, float, float, float}, isOpen: bool}
 */
final readonly class Draft
{
    private const TEXT = 0.34;

    /** What a size is written in beside a name */
    public const SIZE_TEXT = 0.88;

    private const SMALLEST_TEXT = 0.26;

    /** How wide a letter is for its height */
    private const LETTER = 0.62;

    private const MARGIN = 0.6;

    private const LEAST_FRAME = [12.0, 7.5];

    /**
     * @param  array{float, float, float, float}  $frame  left, top, width, height
     * @param  list<string>  $below  outlines of the rooms under these
     * @param  list<DraftRoom>  $rooms  the yards first, since others stand in them
     * @param  list<DraftWall>  $walls
     * @param  list<array{points: string, panes: list<array{float, float, float, float}>}>  $openings
     * @param  list<array{key: string, name: string, path: string, at: array{float, float}, isRiser: bool}>  $ducts
     * @param  list<array{key: string, name: string, x: float, y: float, section: string}>  $things
     */
    private function __construct(
        public array $frame,
        public array $below,
        public array $rooms,
        public array $walls,
        public array $openings,
        public array $ducts,
        public array $things,
    ) {}

    public static function of(Plan $plan, Storey $storey): self
    {
        $rooms = $plan->roomsOn($storey->key);
        $walls = $plan->wallsOn($storey->key);
        uasort($rooms, static fn (Room $a, Room $b): int => $a->kind->hasWalls() <=> $b->kind->hasWalls());
        /** @var list<WallRow> $rows */
        $rows = array_values(array_map(static fn (PlanWall $wall): array => $wall->row(), $walls));

        return new self(
            self::frame($rooms, $walls),
            self::below($plan, $storey),
            array_values(array_map(static fn (Room $room): array => self::room($room, $walls), $rooms)),
            array_map(self::wall(...), array_values($walls), WallShapes::polygons($rows)),
            WallShapes::openings($rows),
            self::ducts($plan, $storey),
            self::things($plan, $storey),
        );
    }

    public function viewBox(): string
    {
        return sprintf('%.2f %.2f %.2f %.2f', ...$this->frame);
    }

    /**
     * @param  array<string, Room>  $rooms
     * @param  array<string, PlanWall>  $walls
     * @return array{float, float, float, float}
     */
    private static function frame(array $rooms, array $walls): array
    {
        $corners = array_merge(
            ...array_values(array_map(static fn (Room $room): array => $room->outline, $rooms)),
            ...array_values(array_map(static fn (PlanWall $wall): array => [$wall->from, $wall->to], $walls)),
        );
        [$left, $top, $right, $bottom] = (new Polygon($corners))->bounds();
        $width = max(self::LEAST_FRAME[0], $right - $left + 2 * self::MARGIN);
        $height = max(self::LEAST_FRAME[1], $bottom - $top + 2 * self::MARGIN);

        return [($left + $right - $width) / 2, ($top + $bottom - $height) / 2, $width, $height];
    }

    /** @return list<string> */
    private static function below(Plan $plan, Storey $storey): array
    {
        $below = $plan->storeyBelow($storey->key);

        return $below === null ? [] : array_values(array_map(
            static fn (Room $room): string => WallShapes::points($room->outline),
            array_filter($plan->roomsOn($below->key), static fn (Room $room): bool => $room->kind->hasWalls()),
        ));
    }

    /**
     * @param  array<string, PlanWall>  $walls
     * @return DraftRoom
     */
    private static function room(Room $room, array $walls): array
    {
        [$left, $top, $right, $bottom] = $room->polygon()->bounds();
        [$x, $y] = $room->isRectangle() ? [($left + $right) / 2, ($top + $bottom) / 2] : Shape::inside($room->outline);
        $size = RoomMeasure::of($room, $walls)->words();
        $letters = max(mb_strlen($room->name), mb_strlen($size) * self::SIZE_TEXT);

        return [
            'key' => $room->key, 'name' => $room->name, 'size' => $size, 'kind' => $room->kind->value,
            'showsSize' => $letters * self::LETTER * self::SMALLEST_TEXT < $right - $left && $bottom - $top > 3 * self::SMALLEST_TEXT,
            'points' => WallShapes::points($room->outline), 'x' => round($x, 2), 'y' => round($y, 2),
            'font' => round(max(self::SMALLEST_TEXT, min(self::TEXT, ($right - $left - 0.2) / ($letters * self::LETTER))), 3),
            'corners' => $room->outline,
        ];
    }

    /** @return DraftWall */
    private static function wall(PlanWall $wall, string $points): array
    {
        return [
            'key' => $wall->key, 'label' => $wall->label, 'points' => $points, 'line' => [...$wall->from, ...$wall->to],
            'isOpen' => $wall->layers === [],
        ];
    }

    /** @return list<array{key: string, name: string, path: string, at: array{float, float}, isRiser: bool}> */
    private static function ducts(Plan $plan, Storey $storey): array
    {
        $on = array_filter($plan->ducts, static fn (Duct $duct): bool => $duct->isOn($storey));

        return array_values(array_map(static fn (Duct $duct): array => [
            'key' => $duct->key, 'name' => $duct->name,
            'path' => implode(' ', array_map(static fn (array $place): string => "{$place[0]},{$place[1]}", $duct->path)),
            'at' => [$duct->path[0][0], $duct->path[0][1]], 'isRiser' => $duct->isRiser(),
        ], $on));
    }

    /** @return list<array{key: string, name: string, x: float, y: float, section: string}> */
    private static function things(Plan $plan, Storey $storey): array
    {
        $here = array_filter($plan->things, static fn (Thing $thing): bool => $storey->key === ($thing->isInRoom()
            ? $plan->room($thing->home)->storey
            : $thing->home));

        return array_values(array_map(static fn (Thing $thing): array => [
            'key' => $thing->key, 'name' => $thing->name, 'x' => $thing->position[0], 'y' => $thing->position[1],
            'section' => $thing->section,
        ], $here));
    }
}
