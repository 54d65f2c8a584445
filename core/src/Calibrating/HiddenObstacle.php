<?php

declare(strict_types=1);

namespace Kavvel\Core\Calibrating;

/** A link that is much worse than all the others let expect: something stands in its way that the plan does not show. */
final readonly class HiddenObstacle
{
    /** @param float $worseDb than the fit of the other links */
    public function __construct(public HeardPath $path, public float $worseDb) {}
}
