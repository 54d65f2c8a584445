<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\FreeKey;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Thing;

/** A place where something can be mounted or plugged in. */
final readonly class AddPoint implements Edit
{
    /**
     * @param  float  $height  over the floor of its storey
     * @param  array<string, mixed>  $facts  purpose, mains and what else is known of it
     */
    public function __construct(
        private string $storey,
        private float $x,
        private float $y,
        private float $height,
        private array $facts,
    ) {}

    public function apply(Plan $plan): Plan
    {
        $storey = $plan->storey($this->storey);
        [$x, $y] = Shape::moved([0.0, 0.0], $this->x, $this->y);
        $room = $plan->roomAt($storey->key, $x, $y) ?? throw PlanRefused::outsideEveryRoom();
        $points = [];
        foreach ($plan->things as $thing) {
            if ($thing->section === 'points') {
                $points[$thing->key] = true;
            }
        }
        $name = (string) ($this->facts['purpose'] ?? 'point');

        return $plan->withThing(new Thing(
            'points',
            FreeKey::numbered("{$room->key}-p", $points),
            $name,
            $room->key,
            [$x, $y, round($storey->elevation + $this->height, 3)],
            $this->facts,
        ));
    }

    public function words(Plan $before): string
    {
        return 'added a point: '.($this->facts['purpose'] ?? 'point');
    }
}
