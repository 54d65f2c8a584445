<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Catalogue\LinkSheet;
use Kavvel\Core\Protocol\Release;

/** A device that is wanted somewhere: what it can do, what it speaks, and how many fabrics it holds. */
final readonly class Device
{
    /**
     * @param  list<string>  $capabilities
     * @param  list<string>  $speaks  forms, the one that is tried first before the others
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $capabilities,
        public array $speaks,
        public ?Release $release = null,
        public bool $isSafety = false,
        public int $fabricsUsed = 0,
        public int $fabricLimit = LinkSheet::FABRICS,
    ) {}
}
