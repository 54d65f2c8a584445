<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Release;

/**
 * A function of devices: since which release it travels over Matter (null: in every one), whether safety hangs on it, and whether
 * the standard has a word for it at all.
 */
final readonly class Capability
{
    public function __construct(
        public string $id,
        public ?Release $since = null,
        public bool $isSafety = false,
        public bool $isStandard = true,
    ) {}
}
