<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

/** Whether a device in a box runs on a neutral of its own. */
enum NeutralNeed: string
{
    case Needed = 'needed';
    case NotNeeded = 'not-needed';

    /** With one, or without one and more load */
    case Either = 'either';
}
