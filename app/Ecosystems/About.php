<?php

declare(strict_types=1);

namespace App\Ecosystems;

use Kavvel\Core\Protocol\Release;

/** What an ecosystem or a box says of itself. */
final readonly class About
{
    /** @param string|null $account who is signed in there */
    public function __construct(public ?Release $release, public ?string $firmware, public ?string $account) {}
}
