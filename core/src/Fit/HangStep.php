<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\Profile;

/** A step at a powered blind or a lock, from putting it up to teaching it, before any pairing (RULES 9.4). */
enum HangStep: string
{
    case Mounted = 'mounted';

    /** A loose cord is a hazard to children */
    case Cord = 'cord';
    case Direction = 'direction';
    case EndStops = 'end-stops';

    /** A door stays a way out, whatever is on it */
    case WayOut = 'way-out';
    case Turns = 'turns';

    /** @return list<self> those of a device, in order; none: it is not put up with steps of its own */
    public static function of(Profile $profile): array
    {
        return match (true) {
            $profile->blindSheet !== null => [self::Mounted, self::Cord, self::Direction, self::EndStops],
            $profile->lockSheet !== null => [self::Mounted, self::WayOut, self::Turns],
            default => [],
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Mounted => 'Put it up',
            self::Cord => 'Guide the cord and put tension on it',
            self::Direction => 'Teach the direction',
            self::EndStops => 'Teach both end stops',
            self::WayOut => 'Try the way out',
            self::Turns => 'Teach it its turns',
        };
    }

    public function done(): string
    {
        return match ($this) {
            self::Mounted => 'up',
            self::Cord => 'cord safe',
            self::Direction => 'direction taught',
            self::EndStops => 'end stops taught',
            self::WayOut => 'opens from inside',
            self::Turns => 'turns taught',
        };
    }

    public function hint(): string
    {
        return match ($this) {
            self::Mounted => 'Screws for good. Adhesive only while trying: it is noted as a temporary state until screws hold it.',
            self::Cord => 'No loop that a child could get a head into: guided, tensioned, its holder screwed to the wall.',
            self::Direction => 'Run it a hand’s width up by its own key. Where it goes down, swap the direction as its sheet says.',
            self::EndStops => 'Lower, then upper. Then all the way down and up twice: it has to stop by itself at both.',
            self::WayOut => 'Locked, from inside, without key, power and network: it has to open with one hand.',
            self::Turns => 'With the door open first, then closed: it has to find both its ends by itself.',
        };
    }
}
