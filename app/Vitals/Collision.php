<?php

declare(strict_types=1);

namespace App\Vitals;

use Illuminate\Database\DeadlockException;
use Illuminate\Database\QueryException;
use Throwable;

/** Two transactions stood in each other's way: all of this one is undone, and can be done again. */
final readonly class Collision
{
    /** Waited too long for another, or both for each other */
    private const CODES = [1205, 1213];

    public static function explains(?Throwable $failure): bool
    {
        return $failure instanceof DeadlockException
            || $failure instanceof QueryException && in_array((int) ($failure->errorInfo[1] ?? 0), self::CODES, true);
    }
}
