<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Carry;
use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Reshape;
use Kavvel\Core\Floorplan\Thing;

/** A room goes off the plan, with the walls and points that are its own. */
final readonly class RemoveRoom implements Edit
{
    public function __construct(private string $room) {}

    public function apply(Plan $plan): Plan
    {
        $room = $plan->room($this->room);
        $inside = $plan->thingsIn($room->key);
        $devices = array_filter($inside, static fn (Thing $thing): bool => $thing->section === 'slots');
        if ($devices !== []) {
            throw PlanRefused::roomIsInUse($room, count($devices));
        }

        return Reshape::of(
            $plan->with(things: array_diff_key($plan->things, $inside)),
            array_diff_key($plan->rooms, [$room->key => true]),
            Carry::nothing(),
        );
    }

    public function words(Plan $before): string
    {
        return 'took the '.mb_strtolower($before->room($this->room)->name).' off the plan';
    }
}
