<?php

declare(strict_types=1);

namespace App\Tenancy;

use Closure;
use Illuminate\Database\DatabaseTransactionsManager;
use Illuminate\Support\Facades\Cache;

/** Keeps what was read of the database under its version; within a transaction nothing is kept, since it may yet be undone. */
final readonly class Committed
{
    /**
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T
     */
    public static function rememberForever(string $key, Closure $read): mixed
    {
        /** @var DatabaseTransactionsManager $transactions */
        $transactions = app('db.transactions');

        return $transactions->callbackApplicableTransactions()->isEmpty() ? Cache::rememberForever($key, $read) : $read();
    }
}
