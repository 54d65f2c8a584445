<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use RuntimeException;

/** A device says nearly the same at both of its ends: no threshold tells them apart. */
final class BandsTooClose extends RuntimeException
{
    public static function are(EndBand $open, EndBand $closed): self
    {
        return new self("It says {$open->words()} when open and {$closed->words()} when closed: that tells nobody which it is. "
            .'Teach it its ends anew, and measure again.');
    }
}
