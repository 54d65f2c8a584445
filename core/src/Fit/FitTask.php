<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** What a person does next for a device that goes into the wall. */
enum FitTask: string
{
    case SayCircuit = 'say-circuit';
    case LookIntoBox = 'look-into-box';

    /** It does not fit, or not without a change */
    case Settle = 'settle';

    /** Switch its circuit off, prove it dead, put it in */
    case Work = 'work';
    case SwitchOn = 'switch-on';
    case TryByHand = 'try-by-hand';

    /** A blind or a lock is put up and taught */
    case Hang = 'hang';
    case Nothing = 'nothing';
}
