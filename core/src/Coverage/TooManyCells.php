<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use RuntimeException;

final class TooManyCells extends RuntimeException
{
    public static function of(float $cells, int $most): self
    {
        return new self(sprintf(
            'This area has %s cells; at most %s are worked out. Take a larger step.',
            number_format($cells),
            number_format($most),
        ));
    }
}
