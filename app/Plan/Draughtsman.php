<?php

declare(strict_types=1);

namespace App\Plan;

use App\Plan\Layout\Box;
use App\Plan\Layout\Label;
use App\Plan\Layout\LabelPlacer;
use App\Plan\Layout\TextSize;
use Kavvel\Core\Site\Polygon;

/**
 * Lays out one storey: what is fixed first (walls, plates, hubs), then links with their capsules, then room
 * names, then slot names, the current slot before the others. Nothing lies on anything else.
 *
 * @phpstan-import-type StoreyRow from Geometry
 * @phpstan-import-type WallRow from Geometry
 */
final readonly class Draughtsman
{
    private const HUB_W = 1.05;

    private const TEXT = 0.3;

    private const MARGIN = 0.12;

    /** Names keep this much off a wall, so that they do not touch its line */
    private const OFF_WALL = 0.02;

    /** A small storey is not blown up: plates and texts keep about one size on all of them */
    private const LEAST_FRAME_W = 12.0;

    private const LEAST_FRAME_H = 7.5;

    private function __construct(private PlanSheet $sheet, private Lens $lens, private ?string $current) {}

    public static function draw(PlanSheet $sheet, string $storey, Lens $lens, ?string $current = null): Drawing
    {
        return (new self($sheet, $lens, $current))->storey($sheet->geometry->storey($storey) ?? $sheet->geometry->storeys[0]);
    }

    /** @param StoreyRow $storey */
    private function storey(array $storey): Drawing
    {
        $key = $storey['key'];
        $walls = $this->sheet->geometry->wallsOn($key);
        $frame = $this->frame($storey, $walls);
        $plates = PlateShapes::of($this->sheet, $key, $this->lens, $this->current);
        $hubs = $this->hubsOn($key);
        $fixed = [...$plates->boxes(), ...array_values($hubs)];
        [$lines, $capsules] = (new LinkShapes(
            $this->sheet,
            $this->lens->links,
            $this->centres($plates, $hubs),
        ))->draw($key, $frame, $fixed);
        $points = PointShapes::of($this->sheet->geometry, $key, $this->lens->showPoints);
        $pointLabels = $points->labels(self::TEXT);
        $bracket = $plates->bracket();
        $firm = [
            ...$fixed,
            ...array_column($capsules, 'box'),
            ...array_map(static fn (Label $label): Box => $label->plate, $pointLabels),
            ...($bracket === null ? [] : [$bracket]),
            ...WallShapes::boxes($walls, self::OFF_WALL),
        ];
        $lineBoxes = $this->lineBoxes($lines);
        $roomNames = new RoomNames($this->sheet->geometry->roomsOn($key), self::TEXT);
        $rooms = $roomNames->place($frame, $firm, [...$lineBoxes, ...$points->boxes(), ...$this->belowPlates($plates)]);

        return new Drawing(
            $key,
            $storey['name'],
            $frame,
            $this->floors($key),
            WallShapes::polygons($walls),
            WallShapes::openings($walls),
            $roomNames->treads(),
            array_map(self::roomText(...), $rooms),
            $plates->plates,
            $this->labels(
                [...$plates->labels(self::TEXT), ...$pointLabels],
                $frame,
                [...$firm, ...array_column($rooms, 'box')],
                $lineBoxes,
            ),
            $lines,
            $capsules,
            $points->points,
            array_values($hubs),
            $bracket,
            $this->lens->shade,
            $this->lens->trial,
            $this->lens->touched,
            $this->lens->rays,
            $this->lens->isArranged,
        );
    }

    /** @return array<string, string> SVG point lists, by key of the room */
    private function floors(string $storey): array
    {
        $rooms = $this->sheet->geometry->roomsOn($storey);

        return array_combine(
            array_column($rooms, 'key'),
            array_map(static fn (array $room): string => WallShapes::points($room['outline']), $rooms),
        );
    }

    /**
     * @param  StoreyRow  $storey
     * @param  list<WallRow>  $walls
     */
    private function frame(array $storey, array $walls): Box
    {
        $corners = $storey['outline'];
        $half = 0.0;
        foreach ($walls as $wall) {
            $corners = [...$corners, $wall['from'], $wall['to']];
            $half = max($half, WallShapes::thickness($wall) / 2);
        }
        [$left, $top, $right, $bottom] = (new Polygon($corners))->bounds();
        $pad = $half * 0.5 + self::MARGIN;
        $width = max(self::LEAST_FRAME_W, $right - $left + 2 * $pad);
        $height = max(self::LEAST_FRAME_H, $bottom - $top + 2 * $pad);

        return Box::around(($left + $right) / 2, ($top + $bottom) / 2, $width, $height);
    }

    /** @return array<string, Box> by link key */
    private function hubsOn(string $storey): array
    {
        $hubs = [];
        foreach ($this->sheet->hubs as $hub) {
            if ($hub->storey === $storey) {
                $hubs[$hub->linkKey()] = Box::around($hub->x, $hub->y, self::HUB_W, PlateShapes::HEIGHT);
            }
        }

        return $hubs;
    }

    /**
     * @param  array<string, Box>  $hubs
     * @return array<string, array{float, float}> where links end, by key of the slot or hub
     */
    private function centres(PlateShapes $plates, array $hubs): array
    {
        return [...$plates->centres(), ...array_map(static fn (Box $hub): array => [$hub->centreX(), $hub->centreY()], $hubs)];
    }

    /**
     * @param  list<array{ax: float, ay: float, bx: float, by: float, kind: string, width: float}>  $lines
     * @return list<Box>
     */
    private function lineBoxes(array $lines): array
    {
        return array_merge(...array_map(
            static fn (array $line): array => Box::along($line['ax'], $line['ay'], $line['bx'], $line['by'], 0.12),
            $lines,
        ));
    }

    /** @return list<Box> where slot names would like to stand: a room's name leaves these free when it can */
    private function belowPlates(PlateShapes $plates): array
    {
        return array_map(static fn (array $plate): Box => Box::around(
            $plate['box']->centreX(),
            $plate['box']->y + $plate['box']->height + self::TEXT * 0.7,
            TextSize::width($plate['short'] ?? $plate['title'], self::TEXT),
            self::TEXT * 1.2,
        ), $plates->plates);
    }

    /**
     * @param  array{text: string, box: Box}  $room
     * @return array{text: string, x: float, y: float, size: float}
     */
    private static function roomText(array $room): array
    {
        return ['text' => $room['text'], 'x' => $room['box']->x, 'y' => $room['box']->y + self::TEXT * 0.95, 'size' => self::TEXT];
    }

    /**
     * @param  list<Label>  $labels
     * @param  list<Box>  $firm
     * @param  list<Box>  $soft  better not, but if need be
     * @return list<array{text: string, x: float, y: float, size: float}>
     */
    private function labels(array $labels, Box $frame, array $firm, array $soft): array
    {
        $placed = (new LabelPlacer($frame, $firm, $soft))->place($labels);
        $texts = [];
        foreach ($labels as $label) {
            if (isset($placed[$label->id])) {
                $box = $placed[$label->id]['box'];
                $texts[] = [
                    'text' => $placed[$label->id]['text'], 'x' => $box->centreX(), 'y' => $box->y + self::TEXT * 0.9,
                    'size' => self::TEXT,
                ];
            }
        }

        return $texts;
    }
}
