<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan\Edits;

use Kavvel\Core\Floorplan\Edit;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanRefused;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Site\Opening;

/** A door, window or gap comes into a wall, or is changed there. */
final readonly class PutOpening implements Edit
{
    /** @param int|null $number of the opening that is changed; null for a new one */
    public function __construct(private string $wall, private Opening $opening, private ?int $number = null) {}

    public function apply(Plan $plan): Plan
    {
        $wall = $plan->wall($this->wall);
        $openings = $wall->openings;
        if ($this->number !== null) {
            if (! isset($openings[$this->number])) {
                throw PlanRefused::gone('That opening');
            }
            unset($openings[$this->number]);
        }
        $new = $this->opening;
        if ($new->offset < 0 || $new->offset + $new->width > $wall->length()) {
            throw PlanRefused::openingTooWide($new, $wall->length());
        }
        if ($new->sill < 0 || $new->head <= $new->sill || $new->head > $wall->height) {
            throw PlanRefused::openingTooHigh($new, $wall->height);
        }
        foreach ($openings as $other) {
            $isBefore = $new->offset + $new->width <= $other->offset + Shape::SAME_M;
            $isAfter = $new->offset >= $other->offset + $other->width - Shape::SAME_M;
            if (! $isBefore && ! $isAfter) {
                throw PlanRefused::openingsCollide($new, $other);
            }
        }

        return $plan->withWall($wall->withOpenings([...array_values($openings), $new]));
    }

    public function words(Plan $before): string
    {
        $done = $this->number === null ? 'put a %s into the %s' : 'changed the %s in the %s';

        return sprintf($done, $this->opening->kind, $before->wall($this->wall)->label);
    }
}
