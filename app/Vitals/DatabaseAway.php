<?php

declare(strict_types=1);

namespace App\Vitals;

use Illuminate\Database\QueryException;
use PDOException;
use Throwable;

/** Tells a database that is away from a query that is wrong. */
final readonly class DatabaseAway
{
    /** Can't connect (socket, TCP), gone away, lost during the query, shutting down */
    private const CODES = [2002, 2003, 2006, 2013, 1053];

    public static function explains(Throwable $failure): bool
    {
        if (! $failure instanceof QueryException && ! $failure instanceof PDOException) {
            return false;
        }
        $code = (int) ($failure->errorInfo[1] ?? 0);

        return in_array($code, self::CODES, true) || preg_match('/\[(2002|2003|2006|2013)\]/', $failure->getMessage()) === 1;
    }
}
