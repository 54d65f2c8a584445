<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Floorplan;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanWall;
use LogicException;

/** Small plans to change. */
final class House
{
    public static function empty(): Plan
    {
        return Plan::of(['storeys' => [[
            'key' => 'ground', 'name' => 'Ground floor', 'level' => 0, 'elevation' => 0, 'height' => 2.4,
            'outline' => [[0, 0], [10, 0], [10, 8], [0, 8]], 'floorLayers' => [],
        ]]]);
    }

    /** Rooms as they are said, from left to right along one line. */
    public static function of(string ...$said): Plan
    {
        return self::after(self::empty(), ...array_map(
            static fn (string $one): AddRoom => new AddRoom(Measured::parse($one), 'ground'),
            $said,
        ));
    }

    public static function after(Plan $plan, Edit ...$edits): Plan
    {
        foreach ($edits as $edit) {
            $plan = $edit->apply($plan);
        }

        return $plan;
    }

    public static function wallCalled(Plan $plan, string $label): PlanWall
    {
        foreach ($plan->walls as $wall) {
            if ($wall->label === $label) {
                return $wall;
            }
        }
        throw new LogicException("No wall is called “{$label}”: ".implode(', ', array_map(
            static fn (PlanWall $wall): string => $wall->label,
            $plan->walls,
        )));
    }

    /** @return list<string> */
    public static function labels(Plan $plan): array
    {
        $labels = array_values(array_map(static fn (PlanWall $wall): string => $wall->label, $plan->walls));
        sort($labels);

        return $labels;
    }
}
