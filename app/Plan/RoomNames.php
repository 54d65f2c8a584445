<?php

declare(strict_types=1);

namespace App\Plan;

use App\Plan\Layout\Box;
use App\Plan\Layout\LabelPlacer;
use App\Plan\Layout\TextSize;
use Kavvel\Core\Site\Polygon;

/**
 * The names of rooms, each in a corner of its room, or further in, wherever it is free; and the treads of stairs.
 *
 * @phpstan-import-type RoomRow from Geometry
 */
final readonly class RoomNames
{
    public const STAIR_CODE = 'STR';

    private const INSET_M = 0.42;

    private const STEP_M = 0.3;

    private const TREAD_M = 0.28;

    /** @param list<RoomRow> $rooms of one storey */
    public function __construct(private array $rooms, private float $fontSize) {}

    /**
     * @param  list<Box>  $firm
     * @param  list<Box>  $soft  better not, but if need be
     * @return list<array{text: string, box: Box}>
     */
    public function place(Box $frame, array $firm, array $soft): array
    {
        $placer = new LabelPlacer($frame, $firm, $soft);
        $names = [];
        foreach ($this->rooms as $room) {
            $box = $placer->firstFree($this->candidates($room));
            if ($box !== null) {
                $names[] = ['text' => $room['name'], 'box' => $box];
            }
        }

        return $names;
    }

    /** @return list<array{float, float, float, float}> */
    public function treads(): array
    {
        $treads = [];
        foreach ($this->rooms as $room) {
            if ($room['code'] !== self::STAIR_CODE) {
                continue;
            }
            [$left, $top, $right, $bottom] = (new Polygon($room['outline']))->bounds();
            for ($y = $top + 1.05; $y < $bottom - 1.3; $y += self::TREAD_M) {
                $treads[] = [$left + 0.2, $y, $right - 0.2, $y];
            }
        }

        return $treads;
    }

    /**
     * @param  RoomRow  $room
     * @return list<Box>
     */
    private function candidates(array $room): array
    {
        [$left, $top, $right, $bottom] = (new Polygon($room['outline']))->bounds();
        $width = TextSize::width($room['name'], $this->fontSize) * 1.06;
        $height = $this->fontSize * 1.2;
        $boxes = [];
        for ($away = 0.0; $away < ($bottom - $top) / 2; $away += self::STEP_M) {
            foreach ([$bottom - self::INSET_M - $height - $away, $top + self::INSET_M + $away] as $y) {
                foreach ([$left + self::INSET_M, $right - self::INSET_M - $width, ($left + $right - $width) / 2] as $x) {
                    $boxes[] = new Box($x, $y, $width, $height);
                }
            }
        }

        return $boxes;
    }
}
