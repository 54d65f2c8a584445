<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** How a device gets out of what it is in. */
enum Leaving
{
    /** Any controller of its region excludes it */
    case Excluded;

    /** The hub that it is in lets it go, or it is reset */
    case Removed;

    /** Its fabric is taken off it; it may be in several at once */
    case Fabric;

    /** It belongs to an account, and stays locked to it */
    case Account;

    /** It is bonded with a phone or a hub */
    case Bond;

    /** It is written in the project of a bus */
    case Project;

    /** It is in nothing */
    case Nothing;
}
