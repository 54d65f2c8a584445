<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Siting\RoomOpening;

/** How far a lead runs from a motor at the head of a window to the nearest socket of the room: along the walls, and down. */
final readonly class SocketWay
{
    /** @return float|null in metres; null: the room has no socket */
    public static function of(Plan $plan, string $room, RoomOpening $window, Hand $motor): ?float
    {
        $elevation = $plan->storey($plan->room($room)->storey)->elevation;
        [$x, $y] = $window->side($motor === Hand::Left);
        $ways = array_map(
            static fn (Thing $one): float => abs($one->position[0] - $x) + abs($one->position[1] - $y)
                + abs($one->position[2] - $elevation - $window->opening->head),
            array_filter($plan->thingsIn($room), static fn (Thing $one): bool => $one->section === 'points'
                && ($one->facts['mains'] ?? false) === true),
        );

        return $ways === [] ? null : min($ways);
    }
}
