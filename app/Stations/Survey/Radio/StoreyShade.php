<?php

declare(strict_types=1);

namespace App\Stations\Survey\Radio;

use App\JobSheet\JobSheet;
use App\Plan\Shade;
use App\Plan\WallShapes;
use Illuminate\Support\Facades\Cache;
use Kavvel\Core\Coverage\Area;
use Kavvel\Core\Coverage\Bands;
use Kavvel\Core\Coverage\CoverageGrid;
use Kavvel\Core\Radio\LinkBudget;
use Kavvel\Core\Radio\LinkForecast;
use Kavvel\Core\Radio\Margin;
use Kavvel\Core\Site\Polygon;
use Kavvel\Core\Site\Vec3;

/** How well a hub's radio is heard all over one storey: straight from the hub, at the height of a device on a wall. */
final readonly class StoreyShade
{
    /** Over the floor, in metres (assumption) */
    public const HEIGHT_M = 1.0;

    private const STEP_M = 0.25;

    private const MOST_CELLS = 20_000;

    private const KEPT_SECONDS = 3600;

    public function __construct(private JobSheet $sheet, private RadioNetwork $network) {}

    public function of(string $storey, Vec3 $from): ?Shade
    {
        $job = $this->sheet->job;
        $key = "shade.{$job->id}.{$job->plan_version}.{$job->acceptance_db}.{$this->network->protocol->value}.{$storey}.".
            hash('xxh128', serialize([$from, $this->sheet->clutter(), $this->network->radio]));

        return Cache::remember($key, self::KEPT_SECONDS, fn (): ?Shade => $this->draw($storey, $from));
    }

    /** What a device would have that is put to a place of this storey. */
    public function at(string $storey, float $x, float $y, Vec3 $from): LinkForecast
    {
        $budget = new LinkBudget($this->network->building, $this->sheet->clutter());

        return $budget->forecast($from, new Vec3($x, $y, $this->height($storey)), $this->network->radio, $this->network->radio, 0.0);
    }

    private function draw(string $storey, Vec3 $from): ?Shade
    {
        $area = $this->area($storey);
        if ($area === null) {
            return null;
        }
        $radio = $this->network->radio;
        $margins = CoverageGrid::margins($this->network->building, $this->sheet->clutter(), $from, $area, $radio, $radio, 0.0);
        $bounds = array_reverse(array_map(static fn (array $bound): float => $bound[0], Margin::bounds($this->sheet->job->acceptance_db)));
        $bands = Bands::of($area, $margins, array_values($bounds));
        $areas = [];
        foreach (array_keys($bounds) as $number => $word) {
            if ($word !== Margin::Firm->value) {
                $areas[$word] = array_map(WallShapes::points(...), $bands->areas[$number]);
            }
        }
        // One line is enough: on this side a device is accepted, on that it is not.
        $accepted = $bands->lines[(int) array_search(Margin::Sound->value, array_keys($bounds), true)];
        $contours = array_map(static fn (array $line): string => "M{$line[0][0]} {$line[0][1]}L{$line[1][0]} {$line[1][1]}", $accepted);

        return new Shade($areas, implode('', $contours), [
            'x' => $area->x, 'y' => $area->y, 'step' => $area->step, 'columns' => $area->columns,
            'margins' => array_map(static fn (float $margin): int => (int) floor($margin), array_merge(...$margins)),
        ], array_map(static fn (float $least): ?float => $least === -INF ? null : $least, array_reverse($bounds)));
    }

    private function area(string $storey): ?Area
    {
        $corners = array_merge(...array_map(static fn (array $room): array => $room['outline'], $this->sheet->geometry->roomsOn($storey)));
        if ($corners === []) {
            return null;
        }
        [$left, $top, $right, $bottom] = (new Polygon($corners))->bounds();

        return Area::around([$left, $right], [$top, $bottom], $this->height($storey), self::STEP_M, self::MOST_CELLS);
    }

    private function height(string $storey): float
    {
        return ($this->sheet->geometry->storey($storey)['elevation'] ?? 0.0) + self::HEIGHT_M;
    }
}
