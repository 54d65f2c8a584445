<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** What is wrong with a network as a whole; the earlier, the more it can harm. */
enum FindingKind: string
{
    /** A router whose loss strands others */
    case SinglePoint = 'single-point';

    /** A router that can be unplugged or switched off, and that others go through */
    case Removable = 'removable';

    /** A link under the acceptance */
    case WeakLink = 'weak-link';

    /** A router with a single accepted way */
    case OneWay = 'one-way';

    /** A link that is heard much better one way than the other */
    case Uneven = 'uneven';
}
