<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

use SplHeap;

/**
 * Nodes waiting to be settled, best route first.
 *
 * @extends SplHeap<array{Route, int}>
 */
final class RouteQueue extends SplHeap
{
    protected function compare($value1, $value2): int
    {
        return $value2[0]->compare($value1[0]);
    }
}
