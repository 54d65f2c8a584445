<?php

declare(strict_types=1);

namespace App\Vitals;

/**
 * How many times as long as usual a page waits before it asks for news again. Where an answer takes much longer than its
 * computing, others are waiting too: looks at what others did then give way to what people do.
 */
final readonly class Patience
{
    /** The database works beside the page, so that an answer takes about this many times its computing when nobody waits */
    private const AT_EASE = 2.0;

    private const MOST = 4.0;

    /**
     * @param  float  $tookMs  from the arrival of the request to its answer
     * @param  float  $computedMs  what the processor did for it meanwhile
     * @return float between 1 and 4
     */
    public static function for(float $tookMs, float $computedMs): float
    {
        return $computedMs <= 0.0 ? 1.0 : round(min(self::MOST, max(1.0, $tookMs / $computedMs / self::AT_EASE)), 1);
    }
}
