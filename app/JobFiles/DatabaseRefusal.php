<?php

declare(strict_types=1);

namespace App\JobFiles;

use Illuminate\Database\QueryException;

/** Tells a value that the database can't keep from a database that is in trouble. */
final readonly class DatabaseRefusal
{
    /** Data exceptions of the SQL standard: too long, out of range, no such date, not of its character set */
    private const CLASS_OF_DATA = '22';

    /** What MariaDB files elsewhere: a string that is none, a column without its value */
    private const CODES = [1364, 1366];

    public static function isOfTheValue(QueryException $failure): bool
    {
        return str_starts_with((string) $failure->getCode(), self::CLASS_OF_DATA)
            || in_array((int) ($failure->errorInfo[1] ?? 0), self::CODES, true);
    }
}
