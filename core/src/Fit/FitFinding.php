<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** One thing that stands against a device in a box. */
final readonly class FitFinding
{
    /**
     * @param  string  $why  with its numbers
     * @param  string  $change  what to do about it
     */
    public function __construct(public FitCode $code, public string $why, public string $change) {}
}
