<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\InvalidInput;

/** A line that is no step of a recipe. */
final class StepUnreadable extends InvalidInput
{
    public static function at(int $line, string $text): self
    {
        $quoted = mb_strimwidth($text, 0, 60, '…');

        return new self(
            'no-step',
            "Line {$line}, “{$quoted}”, is no step. Write for example: Press the side button 3 times within 2 s · Hold the ring for 6 s · "
                .'Push a pin into the reset hole for 5 s · Tap the key 2 times, do not hold · Pull the battery tab · Put the battery in · '
                .'Power on · Switch off and on 6 times · Turn the dial 2 times.',
            "line {$line}",
        );
    }
}
