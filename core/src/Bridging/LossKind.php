<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** Why a capability does not get through. */
enum LossKind: string
{
    case Dropped = 'dropped';
    case TooNew = 'too-new';
    case Unknown = 'unknown';
    case Wordless = 'wordless';
}
