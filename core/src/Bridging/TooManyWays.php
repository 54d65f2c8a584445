<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\InvalidInput;

/** The boxes can be strung together in so many ways that they can't all be weighed. */
final class TooManyWays extends InvalidInput
{
    public static function through(): self
    {
        return new self(
            'too-large',
            'The boxes can be strung together in more ways than can be weighed. Leave out boxes, or forms that nobody uses.',
            '$.boxes',
        );
    }
}
