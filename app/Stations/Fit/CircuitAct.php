<?php

declare(strict_types=1);

namespace App\Stations\Fit;

/** What a person does at a circuit that is worked on. */
enum CircuitAct: string
{
    case Accept = 'accept';
    case Look = 'look';
    case Open = 'open';
    case DetectorBefore = 'detector-before';
    case ReadLive = 'read-live';
    case SwitchOff = 'switch-off';
    case Lock = 'lock';
    case Tag = 'tag';
    case ReadDead = 'read-dead';
    case DetectorAfter = 'detector-after';
    case ProveAnew = 'prove-anew';
    case Fit = 'fit';
    case PutBack = 'put-back';
    case Unlock = 'unlock';

    /** Takes over from somebody who has left the site */
    case Relieve = 'relieve';
    case Test = 'test';
    case SwitchOn = 'switch-on';
}
