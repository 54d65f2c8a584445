<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What can happen to an attempt. */
enum AttemptEvent: string
{
    case Announced = 'announced';
    case Secured = 'secured';
    case Networked = 'networked';
    case Interviewed = 'interviewed';
    case Joined = 'joined';
    case Incomplete = 'incomplete';
    case FailedAtHub = 'failed';
    case TimeUp = 'time-up';
    case HubRestarted = 'hub-restarted';
    case ClosedByHand = 'closed-by-hand';
    case Replaced = 'replaced';
    case Refused = 'refused';

    /** The hub's refusal was only a lost answer: the window is open all the same */
    case OpenedAfterAll = 'opened-after-all';
}
