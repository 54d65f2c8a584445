<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** A condition of an isolation record that is not met (RULES 9.5), in the order of the work. */
enum IsolationGap: string
{
    case DetectorBefore = 'detector-before';
    case LiveReading = 'live-reading';
    case Off = 'off';
    case Locked = 'locked';
    case Tagged = 'tagged';
    case Readings = 'readings';

    /** Something is there, and it is not enough to be called live */
    case Indication = 'indication';
    case Live = 'live';
    case DetectorAfter = 'detector-after';

    public function words(): string
    {
        return match ($this) {
            self::DetectorBefore => 'The detector was not proved on a known source.',
            self::LiveReading => 'The circuit was not read live before it was switched off.',
            self::Off => 'It is not switched off.',
            self::Locked => 'It is not locked off.',
            self::Tagged => 'No tag says who works on it.',
            self::Readings => 'Not every conductor was measured to every other.',
            self::Indication => 'Something is there: not proved dead. Find out why: a borrowed neutral, a second feed, induction.',
            self::Live => 'It is live. Stop.',
            self::DetectorAfter => 'The detector was not proved again: what it showed counts for nothing.',
        };
    }
}
