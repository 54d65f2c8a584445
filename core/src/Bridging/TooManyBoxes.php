<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\InvalidInput;

/** So many boxes could be bought that not every set of them can be looked at. */
final class TooManyBoxes extends InvalidInput
{
    public static function toBuy(int $count, int $most): self
    {
        return new self(
            'out-of-range',
            "{$count} boxes could be bought; at most {$most} are weighed against each other. Leave out those that nobody considers.",
            '$.boxes',
        );
    }
}
