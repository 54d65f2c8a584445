<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** What may stand against a device in a box (RULES 9.4), in the order in which it is said. */
enum FitCode: string
{
    case TooDeep = 'too-deep';
    case NoNeutral = 'no-neutral';
    case BorrowedNeutral = 'borrowed-neutral';
    case KindNotRated = 'kind-not-rated';
    case MotorOnDimmer = 'motor-on-dimmer';
    case OverLoad = 'over-load';
    case UnderLeastLoad = 'under-least-load';
    case NotDimmable = 'not-dimmable';
    case ConnectedLamp = 'connected-lamp';
    case TryDimming = 'try-dimming';

    /** Nothing that is put in beside it mends it: another device, or another load. */
    public function isStop(): bool
    {
        return ! in_array($this, [self::TooDeep, self::UnderLeastLoad, self::TryDimming], true);
    }

    public function severity(): string
    {
        return $this->isStop() ? 'stop' : 'condition';
    }
}
