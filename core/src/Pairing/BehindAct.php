<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What is to be done next for a device that comes in behind a bridge: it has no window of its own. */
enum BehindAct
{
    /** The bridge is not in: nothing behind it can be seen */
    case PairBridge;

    /** The hub is silent: what is behind the bridge may be old */
    case Wait;

    /** The bridge shows nothing that it could be: it is paired with the bridge in the bridge's own app first */
    case PairAtBridge;

    /** Just one fits: it is that one, if a person says so */
    case Confirm;

    /** Several fit, or none is of its model: a person chooses */
    case Choose;
}
