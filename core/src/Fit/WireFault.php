<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** What may be open or wrong in a conductor worksheet (RULES 9.4), in the order in which it is said. */
enum WireFault: string
{
    case NoPicture = 'no-picture';
    case NoWires = 'no-wires';
    case NoEarth = 'no-earth';
    case WasNowhere = 'was-nowhere';
    case NoRole = 'no-role';
    case NotProved = 'not-proved';
    case NoWay = 'no-way';
    case NoSuchTerminal = 'no-such-terminal';
    case WrongTerminal = 'wrong-terminal';
    case EarthUsed = 'earth-used';
    case LineCapped = 'line-capped';
    case FarEndOpen = 'far-end-open';
    case LowBesideMains = 'low-beside-mains';
    case BoxNotEarthed = 'box-not-earthed';
    case TerminalEmpty = 'terminal-empty';
    case ConnectorAlone = 'connector-alone';
}
