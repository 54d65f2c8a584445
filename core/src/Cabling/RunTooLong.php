<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

use RuntimeException;

/** No drum holds a run, and cables are not spliced. */
final class RunTooLong extends RuntimeException
{
    private function __construct(string $message, public readonly CableRun $run)
    {
        parent::__construct($message);
    }

    public static function forDrums(CableRun $run, float $largestM): self
    {
        return new self("The run “{$run->id}” is {$run->lengthM()} m long; the largest drum has {$largestM} m.", $run);
    }
}
