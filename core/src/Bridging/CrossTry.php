<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** One time that a device was operated from somewhere, and what was seen of it everywhere. */
final readonly class CrossTry
{
    /** @param array<string, array{value: string, ms: int}> $seen by observer: what it saw at last, and after how many milliseconds */
    public function __construct(public string $origin, public string $value, public array $seen) {}
}
