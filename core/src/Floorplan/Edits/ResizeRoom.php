<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\EdgeMove;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\RoomMeasure;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Side;
use Kavvel\Core\Floorplan\Stretch;
use Kavvel\Core\Floorplan\Stretches;

/** A room gets the clear size that it was measured at: its right and lower walls move, with all that stands on them. */
final readonly class ResizeRoom implements Edit
{
    public function __construct(private string $room, private float $width, private float $depth) {}

    public function apply(Plan $plan): Plan
    {
        $room = $plan->room($this->room);
        if (! $room->isRectangle()) {
            throw PlanRefused::notARectangle($room);
        }
        if (! RoomMeasure::isOfARoom($this->width, $this->depth)) {
            throw PlanRefused::outOfRange(
                'width',
                sprintf('A room measures %.1f to %.0f m.', RoomMeasure::NARROWEST_M, RoomMeasure::LONGEST_M),
            );
        }
        $is = RoomMeasure::of($room, $plan->wallsOn($room->storey));
        $plan = $this->stretch($plan, 0, $this->width - (float) $is->width);

        return $this->stretch($plan, 1, $this->depth - (float) $is->depth);
    }

    public function words(Plan $before): string
    {
        return sprintf('made the %s %.2f × %.2f m', mb_strtolower($before->room($this->room)->name), $this->width, $this->depth);
    }

    private function stretch(Plan $plan, int $axis, float $by): Plan
    {
        if (abs($by) < Shape::SAME_M) {
            return $plan;
        }
        $room = $plan->room($this->room);
        $far = $this->farEdge($room->outline, $axis);
        $stretches = Stretches::of($plan->roomsOn($room->storey));
        $edge = new Side($room->key, $far);
        $on = array_values(array_filter($stretches->all, static fn (Stretch $one): bool => $one->lies($edge)));
        $sides = $on === [] ? [$edge] : EdgeMove::together($on, $stretches->all);
        [$rooms, $carry] = EdgeMove::of($plan->rooms, $sides, $axis === 0 ? $by : 0.0, $axis === 0 ? 0.0 : $by);

        return Reshape::of($plan, $rooms, $carry);
    }

    /** @param list<array{float, float}> $outline */
    private function farEdge(array $outline, int $axis): int
    {
        $far = 0;
        $reach = -INF;
        foreach (Shape::edges($outline) as $edge => [$from, $to]) {
            $isAcross = abs($from[$axis] - $to[$axis]) < abs($from[1 - $axis] - $to[1 - $axis]);
            if ($isAcross && $from[$axis] > $reach) {
                $far = $edge;
                $reach = $from[$axis];
            }
        }

        return $far;
    }
}
