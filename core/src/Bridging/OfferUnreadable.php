<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\InvalidInput;

/** A line that is no offer of a box. */
final class OfferUnreadable extends InvalidInput
{
    public static function at(int $line, string $text): self
    {
        $quoted = self::quoted($text);

        return new self(
            'no-offer',
            "Line {$line}, “{$quoted}”, is no offer. Write for example: matter-bridge, release 1.2, without button · "
                .'cloud-link, cloud · driver.',
            "line {$line}",
        );
    }
}
