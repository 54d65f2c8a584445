<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Addresses in pages and redirects are made of the name that was asked for: it has to be one of ours. */
final readonly class KnownHost
{
    private const MISDIRECTED = 421;

    public function handle(Request $request, Closure $next): Response
    {
        if (! in_array($request->getHost(), (array) config('kavvel.hosts'), true)) {
            throw new HttpException(self::MISDIRECTED);
        }

        return $next($request);
    }
}
