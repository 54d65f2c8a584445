<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

/** How an ecosystem sees what a device has become. */
enum Sight: string
{
    case True = 'true';

    /** Minutes later */
    case Late = 'late';

    /** The other way round */
    case Reversed = 'reversed';

    /** Never */
    case Nothing = 'nothing';
}
