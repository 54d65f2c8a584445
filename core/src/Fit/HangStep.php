<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** A step at a powered blind, from hanging it to teaching it, before any pairing (RULES 9.4). */
enum HangStep: string
{
    case Mounted = 'mounted';

    /** A loose cord is a hazard to children */
    case Cord = 'cord';
    case Direction = 'direction';
    case EndStops = 'end-stops';

    public function words(): string
    {
        return match ($this) {
            self::Mounted => 'Hang it',
            self::Cord => 'Guide the cord and put tension on it',
            self::Direction => 'Teach the direction',
            self::EndStops => 'Teach both end stops',
        };
    }

    public function done(): string
    {
        return match ($this) {
            self::Mounted => 'hung',
            self::Cord => 'cord safe',
            self::Direction => 'direction taught',
            self::EndStops => 'end stops taught',
        };
    }

    public function hint(): string
    {
        return match ($this) {
            self::Mounted => 'Screws for good. Adhesive only while trying: it is noted as a temporary state until screws hold it.',
            self::Cord => 'No loop that a child could get a head into: guided, tensioned, its holder screwed to the wall.',
            self::Direction => 'Run it a hand’s width up by its own key. Where it goes down, swap the direction as its sheet says.',
            self::EndStops => 'Lower, then upper. Then all the way down and up twice: it has to stop by itself at both.',
        };
    }
}
