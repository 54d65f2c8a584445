<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\EdgeMove;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Footing;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Snap;
use Kavvel\Core\Floorplan\Stretch;
use Kavvel\Core\Floorplan\Stretches;

/** A wall goes across its line, and with it every room that stands on that line. */
final readonly class MoveWall implements Edit
{
    /** @param float $by metres to the right, or, for a level wall, down */
    public function __construct(private string $wall, private float $by, private bool $byHand = false) {}

    public function apply(Plan $plan): Plan
    {
        $wall = $plan->wall($this->wall);
        $stretches = Stretches::of($plan->roomsOn($wall->storey));
        $under = Footing::of($stretches, $plan->wallsOn($wall->storey))->under($wall);
        if ($under === []) {
            return $this->moveAlone($plan);
        }
        $sides = EdgeMove::together($under, $stretches->all);
        $stays = array_filter($stretches->all, static fn (Stretch $one): bool => array_filter($sides, $one->lies(...)) === []);
        $line = $under[0]->line;
        $by = $this->by * $line->sign();
        $by = $this->byHand ? Snap::line($line, $by, $stays) : $by;
        if (abs($by) < Shape::SAME_M) {
            throw PlanRefused::nothingToDo('move: it is there already');
        }
        [$rooms, $carry] = EdgeMove::of($plan->rooms, $sides, ...$line->across($by));

        return Reshape::of($plan, $rooms, $carry);
    }

    public function words(Plan $before): string
    {
        return "moved the {$before->wall($this->wall)->label}";
    }

    /** No room stands on it: a wall in a garden, or one that somebody drew apart. */
    private function moveAlone(Plan $plan): Plan
    {
        $wall = $plan->wall($this->wall);
        $line = $wall->line();

        return $plan->withWall($wall->movedBy(...$line->across($this->by * $line->sign())));
    }
}
