<?php

declare(strict_types=1);

namespace App\Plan;

use App\Plan\Layout\Box;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Wall;

/**
 * Walls as they are drawn: with their real thickness, and cut open where a door, a window or a gap is.
 *
 * @phpstan-import-type WallRow from Geometry
 */
final readonly class WallShapes
{
    /** A stud wall's layers leave out its cavity: it is drawn at least this thick */
    private const THINNEST_WALL = 0.12;

    /**
     * @param  list<WallRow>  $walls
     * @return list<string> SVG point lists
     */
    public static function polygons(array $walls): array
    {
        return array_map(
            static fn (array $wall): string => self::points(self::stroke(
                $wall,
                0,
                hypot($wall['to'][0] - $wall['from'][0], $wall['to'][1] - $wall['from'][1]),
            )),
            $walls,
        );
    }

    /**
     * @param  list<WallRow>  $walls
     * @return list<array{points: string, panes: list<array{float, float, float, float}>}>
     */
    public static function openings(array $walls): array
    {
        $openings = [];
        foreach ($walls as $wall) {
            foreach ($wall['openings'] as $opening) {
                $panes = [];
                if ($opening['kind'] === 'window') {
                    $reach = min(0.09, self::thickness($wall) * 0.3);
                    foreach ([-$reach, $reach] as $side) {
                        $edge = self::stroke($wall, $opening['offset'], $opening['offset'] + $opening['width'], 2 * abs($side));
                        $panes[] = $side < 0 ? [...$edge[0], ...$edge[1]] : [...$edge[3], ...$edge[2]];
                    }
                }
                $openings[] = [
                    'points' => self::points(self::stroke(
                        $wall,
                        $opening['offset'],
                        $opening['offset'] + $opening['width'],
                        self::thickness($wall) + 0.01,
                    )),
                    'panes' => $panes,
                ];
            }
        }

        return $openings;
    }

    /**
     * @param  list<WallRow>  $walls
     * @param  float  $off  how much wider than the wall they are, on each side
     * @return list<Box>
     */
    public static function boxes(array $walls, float $off = 0.0): array
    {
        $boxes = [];
        foreach ($walls as $wall) {
            $boxes = [
                ...$boxes,
                ...Box::along($wall['from'][0], $wall['from'][1], $wall['to'][0], $wall['to'][1], self::thickness($wall) + 2 * $off),
            ];
        }

        return $boxes;
    }

    /**
     * The four corners of a stretch of wall.
     *
     * @param  WallRow  $wall
     * @return array{array{float, float}, array{float, float}, array{float, float}, array{float, float}}
     */
    private static function stroke(array $wall, float $start, float $end, ?float $thickness = null): array
    {
        $length = hypot($wall['to'][0] - $wall['from'][0], $wall['to'][1] - $wall['from'][1]);
        $ux = ($wall['to'][0] - $wall['from'][0]) / $length;
        $uy = ($wall['to'][1] - $wall['from'][1]) / $length;
        $half = ($thickness ?? self::thickness($wall)) / 2;
        $at = static fn (float $along, float $side): array => [
            round($wall['from'][0] + $ux * $along - $uy * $side, 3),
            round($wall['from'][1] + $uy * $along + $ux * $side, 3),
        ];

        return [$at($start, -$half), $at($end, -$half), $at($end, $half), $at($start, $half)];
    }

    /** @param WallRow $wall */
    public static function thickness(array $wall): float
    {
        $layers = array_map(static fn (array $layer): Layer => new Layer($layer['material'], $layer['thickness']), $wall['layers']);

        return max(self::THINNEST_WALL, (new Wall($wall['from'], $wall['to'], 0, 1, $layers))->thickness());
    }

    /** @param list<array{float, float}> $corners */
    public static function points(array $corners): string
    {
        return implode(' ', array_map(static fn (array $corner): string => "{$corner[0]},{$corner[1]}", $corners));
    }
}
