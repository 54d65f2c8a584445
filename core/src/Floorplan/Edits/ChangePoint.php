<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Thing;

/** A point is for something else, or other cables come to it. */
final readonly class ChangePoint implements Edit
{
    /** @param array<string, mixed> $facts */
    public function __construct(private string $key, private array $facts) {}

    public function apply(Plan $plan): Plan
    {
        $point = $plan->thing('points', $this->key);
        $facts = array_filter([...$point->facts, ...$this->facts], static fn (mixed $fact): bool => $fact !== null);


        return $plan->withThing(new Thing(
            'points',
            $point->key,
            (string) ($facts['purpose'] ?? $point->name),
            $point->home,
            $point->position,
            $facts,
        ));
    }

    public function words(Plan $before): string
    {
        return "changed the point {$before->thing('points', $this->key)->name}";
    }
}
