<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\Profile;

/** Another device that would go into a box, with what it needs there. */
final readonly class Alternative
{
    public function __construct(public Profile $profile, public BoxFit $fit) {}
}
