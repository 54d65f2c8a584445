<?php

declare(strict_types=1);

namespace Kavvel\Core\Heating;

use Kavvel\Core\Floorplan\OpeningKind;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Siting\Spot;

/** A zone is a room with a door: what opens into one another without one is heated as one (RULES 9.6). */
final readonly class HeatingZones
{
    /** Electric heaters of this and more go on a rated contactor (RULES 9.6) */
    private const CONTACTOR_FROM_W = 2000.0;

    /**
     * @param  list<RoomHeating>  $rooms
     * @return list<Zone> in the order of the rooms
     */
    public static function of(Plan $plan, array $rooms): array
    {
        $heated = [];
        foreach ($rooms as $one) {
            if (isset($plan->rooms[$one->room])) {
                $heated["room {$one->room}"] = $one;
            }
        }
        $zones = [];
        $placed = [];
        foreach ($heated as $name => $one) {
            if (! isset($placed[$name])) {
                $together = self::together($plan, $one->room);
                $own = array_values(array_filter($heated, static fn (RoomHeating $other): bool => in_array($other->room, $together, true)));
                foreach ($own as $other) {
                    $placed["room {$other->room}"] = true;
                }
                $zones[] = self::zone($plan, $own);
            }
        }

        return $zones;
    }

    /** @return list<string> rooms that one walks into from here without a door */
    private static function together(Plan $plan, string $room): array
    {
        $found = [$room];
        for ($at = 0; $at < count($found); $at++) {
            foreach (RoomSpots::of($plan, $found[$at])->openings as $opening) {
                $next = $opening->beyond?->kind->hasWalls() === true ? $opening->beyond->key : null;
                if (self::isGap($opening) && $next !== null && ! in_array($next, $found, true)) {
                    $found[] = $next;
                }
            }
        }

        return $found;
    }

    private static function isGap(RoomOpening $opening): bool
    {
        return $opening->opening->kind === OpeningKind::Gap->value;
    }

    /** @param list<RoomHeating> $rooms */
    private static function zone(Plan $plan, array $rooms): Zone
    {
        $largest = $rooms[0]->room;
        foreach ($rooms as $one) {
            if ($plan->room($one->room)->polygon()->area() > $plan->room($largest)->polygon()->area()) {
                $largest = $one->room;
            }
        }
        $hides = array_filter($rooms, static fn (RoomHeating $one): bool => $one->hidesThermostat) !== [];

        $spot = RoomSpots::of($plan, $largest)->at(SpotKind::Wall);

        return new Zone($rooms, $spot, self::wall($plan, $plan->room($largest)->storey, $spot), $largest, $hides, self::cautions($rooms));
    }

    private static function wall(Plan $plan, string $storey, Spot $spot): string
    {
        $nearest = ['', INF];
        foreach ($plan->wallsOn($storey) as $wall) {
            $away = Shape::distance([$spot->place->x, $spot->place->y], $wall->from, $wall->to);
            $nearest = $away < $nearest[1] ? [$wall->label, $away] : $nearest;
        }

        return $nearest[0];
    }

    /**
     * @param  list<RoomHeating>  $rooms
     * @return list<string>
     */
    private static function cautions(array $rooms): array
    {
        $has = static fn (HeatKind $kind): bool => array_filter($rooms, static fn (RoomHeating $one): bool => $one->kind === $kind) !== [];
        $strong = array_filter(
            $rooms,
            static fn (RoomHeating $one): bool => $one->kind === HeatKind::Electric && $one->watts >= self::CONTACTOR_FROM_W,
        );

        return array_values(array_filter([
            $has(HeatKind::Floor) ? 'Underfloor: a floor limit, and the kind of actuator that its manifold takes.' : null,
            $has(HeatKind::Radiators) ? 'No valve on the radiator of the room where the thermostat hangs.' : null,
            $has(HeatKind::Floor) && $has(HeatKind::Radiators)
                ? 'Floor and radiators answer at different speed: two zones, if they can be parted.' : null,
            $strong !== [] ? 'From 2 kW on a rated contactor, put in by a licensed person; never started unattended.' : null,
        ]));
    }
}
