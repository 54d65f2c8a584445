<?php

declare(strict_types=1);

namespace App\Plan;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Plan\Layout\Box;
use App\Plan\Layout\Label;
use App\Plan\Layout\LabelPlacer;
use App\Plan\Layout\PlateStacks;
use App\Plan\Layout\TextSize;
use Illuminate\Support\Str;
use Kavvel\Core\Radio\Disturber;
use Kavvel\Core\Site\Polygon;

/**
 * Lays out one storey: what is fixed first (walls, plates, gateway), then links with their capsules, then room
 * names, then slot names, the current slot before the others. Nothing lies on anything else.
 *
 * @phpstan-import-type StoreyRow from Geometry
 * @phpstan-import-type WallRow from Geometry
 * @phpstan-import-type Plate from Drawing
 * @phpstan-import-type PlanPoint from Drawing
 */
final class Draughtsman
{
    private const PLATE_W = 0.84;

    private const PLATE_H = 0.64;

    private const GATEWAY_W = 1.05;

    private const TEXT = 0.3;

    private const MARGIN = 0.12;

    /** A small storey is not blown up: plates and texts keep about one size on all of them */
    private const LEAST_FRAME_W = 12.0;

    private const LEAST_FRAME_H = 7.5;

    public const STAIR_CODE = 'STR';

    /** @var array<string, array{float, float}> plate centres of this storey, by slot key and for the gateway */
    private array $centres = [];

    private function __construct(private readonly JobSheet $sheet, private readonly Lens $lens, private readonly ?string $current) {}

    public static function draw(JobSheet $sheet, string $storey, Lens $lens, ?string $current = null): Drawing
    {
        return (new self($sheet, $lens, $current))->storey($sheet->geometry->storey($storey) ?? $sheet->geometry->storeys[0]);
    }

    /** @param StoreyRow $storey */
    private function storey(array $storey): Drawing
    {
        $walls = $this->sheet->geometry->wallsOn($storey['key']);
        $frame = $this->frame($storey, $walls);
        $plates = $this->plates($storey['key']);
        $gateway = $this->sheet->gatewayStorey() === $storey['key'] && $this->sheet->gateway !== null
            ? Box::around($this->sheet->gateway->x, $this->sheet->gateway->y, self::GATEWAY_W, self::PLATE_H) : null;
        if ($gateway !== null) {
            $this->centres[LensLink::GATEWAY] = [$gateway->centreX(), $gateway->centreY()];
        }
        $plateBoxes = array_column($plates, 'box');
        $fixed = [...$plateBoxes, ...($gateway === null ? [] : [$gateway])];
        [$lines, $capsules] = (new LinkShapes($this->sheet, $this->lens->links, $this->centres))->draw($storey['key'], $frame, $fixed);
        $current = $this->currentBox($plates);
        $capsuleBoxes = array_column($capsules, 'box');
        $wallBoxes = WallShapes::boxes($walls);
        $points = $this->lens->showPoints ? $this->pointsOn($storey['key']) : [];
        $pointLabels = $this->pointLabels($points);
        $firm = [...$fixed, ...$capsuleBoxes, ...array_map(static fn (Label $label): Box => $label->plate, $pointLabels), ...($current === null ? [] : [$current])];
        $pointBoxes = array_map(static fn (array $point): Box => Box::around($point['x'], $point['y'], 0.34, 0.34), $points);
        $lineBoxes = [];
        foreach ($lines as $line) {
            $lineBoxes = [...$lineBoxes, ...Box::along($line['ax'], $line['ay'], $line['bx'], $line['by'], 0.12)];
        }
        $rooms = $this->roomNames($storey['key'], $frame, [...$firm, ...$wallBoxes], [...$lineBoxes, ...$pointBoxes, ...$this->belowPlates($plates)]);
        $roomBoxes = array_map(static fn (array $room): Box => $room['box'], $rooms);

        return new Drawing(
            $storey['key'],
            $storey['name'],
            $frame,
            array_map(static fn (array $room): string => WallShapes::points($room['outline']), $this->sheet->geometry->roomsOn($storey['key'])),
            WallShapes::polygons($walls),
            WallShapes::openings($walls),
            $this->treads($storey['key']),
            array_map(static fn (array $room): array => ['text' => $room['text'], 'x' => $room['box']->x, 'y' => $room['box']->y + self::TEXT * 0.95, 'size' => self::TEXT], $rooms),
            $plates,
            $this->labels([...$this->plateLabels($plates), ...$pointLabels], $frame, [...$firm, ...$roomBoxes, ...$wallBoxes], $lineBoxes),
            $lines,
            $capsules,
            $points,
            $gateway,
            $current,
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

    /** @return list<Plate> */
    private function plates(string $storey): array
    {
        $cards = array_filter($this->sheet->cards, fn (SlotCard $card): bool => $card->storey === $storey
            && ($this->lens->only === null || in_array($card->profile->protocol, $this->lens->only, true)));
        $places = array_map(static fn (SlotCard $card): array => [$card->position()->x, $card->position()->y], $cards);
        $plates = [];
        foreach (PlateStacks::of($places, self::PLATE_W, self::PLATE_H) as $keys) {
            $card = $cards[$keys[0]];
            $isStack = count($keys) > 1;
            foreach ($keys as $key) {
                $this->centres[$key] = $places[$keys[0]];
            }
            $plates[] = [
                'key' => $card->key(),
                'tag' => $isStack ? '×'.count($keys) : $card->tag(),
                'title' => $isStack ? count($keys).' devices' : ($this->lens->labels[$card->key()] ?? $card->title()),
                'short' => $isStack ? null : Str::ucfirst($card->slot->what),
                'state' => $isStack ? 'stack' : $card->standing()->value,
                'words' => $isStack ? implode(', ', array_map(static fn (string $key): string => $cards[$key]->title(), $keys)) : $card->standing()->words(),
                'box' => Box::around($card->position()->x, $card->position()->y, self::PLATE_W, self::PLATE_H),
                'keys' => $keys,
            ];
        }

        return $plates;
    }

    /** @param list<Plate> $plates */
    private function currentBox(array $plates): ?Box
    {
        foreach ($plates as $plate) {
            if ($this->current !== null && in_array($this->current, $plate['keys'], true)) {
                return Box::around($plate['box']->centreX(), $plate['box']->centreY(), self::PLATE_W + 0.5, self::PLATE_H + 0.5);
            }
        }

        return null;
    }

    /**
     * Where slot names would like to stand: a room's name leaves these free when it can.
     *
     * @param  list<Plate>  $plates
     * @return list<Box>
     */
    private function belowPlates(array $plates): array
    {
        return array_map(static fn (array $plate): Box => Box::around(
            $plate['box']->centreX(),
            $plate['box']->y + $plate['box']->height + self::TEXT * 0.7,
            TextSize::width($plate['short'] ?? $plate['title'], self::TEXT),
            self::TEXT * 1.2,
        ), $plates);
    }

    /**
     * A room's name stands in one of its corners, or further in, wherever it is free.
     *
     * @param  list<Box>  $firm
     * @param  list<Box>  $soft
     * @return list<array{text: string, box: Box}>
     */
    private function roomNames(string $storey, Box $frame, array $firm, array $soft): array
    {
        $placer = new LabelPlacer($frame, $firm, $soft);
        $names = [];
        foreach ($this->sheet->geometry->roomsOn($storey) as $room) {
            [$left, $top, $right, $bottom] = (new Polygon($room['outline']))->bounds();
            $width = TextSize::width($room['name'], self::TEXT) * 1.06;
            $height = self::TEXT * 1.2;
            $candidates = [];
            $inset = 0.42;
            for ($away = 0.0; $away < ($bottom - $top) / 2; $away += 0.3) {
                foreach ([$bottom - $inset - $height - $away, $top + $inset + $away] as $y) {
                    foreach ([$left + $inset, $right - $inset - $width, ($left + $right - $width) / 2] as $x) {
                        $candidates[] = new Box($x, $y, $width, $height);
                    }
                }
            }
            $box = $placer->firstFree($candidates);
            if ($box !== null) {
                $names[] = ['text' => $room['name'], 'box' => $box];
            }
        }

        return $names;
    }

    /**
     * The slot in hand before the others.
     *
     * @param  list<Plate>  $plates
     * @return list<Label>
     */
    private function plateLabels(array $plates): array
    {
        usort($plates, fn (array $a, array $b): int => in_array($this->current, $b['keys'], true) <=> in_array($this->current, $a['keys'], true));

        return array_map(fn (array $plate): Label => new Label(
            $plate['key'],
            $plate['short'] === null ? [$plate['title']] : [$plate['title'], $plate['short']],
            in_array($this->current, $plate['keys'], true) ? Box::around($plate['box']->centreX(), $plate['box']->centreY(), self::PLATE_W + 0.5, self::PLATE_H + 0.5) : $plate['box'],
            self::TEXT,
        ), $plates);
    }

    /**
     * What disturbs antennas is named; a socket is not.
     *
     * @param  list<PlanPoint>  $points
     * @return list<Label>
     */
    private function pointLabels(array $points): array
    {
        $labels = [];
        foreach ($points as $number => $point) {
            if ($point['disturber'] !== null) {
                $labels[] = new Label("point {$number}", [Str::ucfirst($point['disturber'])], Box::around($point['x'], $point['y'], 0.34, 0.34), self::TEXT);
            }
        }

        return $labels;
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
                $texts[] = ['text' => $placed[$label->id]['text'], 'x' => $box->centreX(), 'y' => $box->y + self::TEXT * 0.9, 'size' => self::TEXT];
            }
        }

        return $texts;
    }

    /** @return list<PlanPoint> */
    private function pointsOn(string $storey): array
    {
        $points = [];
        foreach ($this->sheet->geometry->points as $point) {
            if ($this->sheet->geometry->rooms[$point['room']]['storey'] === $storey) {
                $points[] = ['x' => $point['x'], 'y' => $point['y'], 'disturber' => Disturber::tryFrom($point['purpose'])?->value];
            }
        }

        return $points;
    }

    /** @return list<array{float, float, float, float}> */
    private function treads(string $storey): array
    {
        $treads = [];
        foreach ($this->sheet->geometry->roomsOn($storey) as $room) {
            if ($room['code'] !== self::STAIR_CODE) {
                continue;
            }
            [$left, $top, $right, $bottom] = (new Polygon($room['outline']))->bounds();
            for ($y = $top + 1.05; $y < $bottom - 1.3; $y += 0.28) {
                $treads[] = [$left + 0.2, $y, $right - 0.2, $y];
            }
        }

        return $treads;
    }

}
