<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Vitals\Patience;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Tells a page that follows its job how soon to ask again. */
final readonly class TellPatience
{
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->headers->has('Kavvel-Parts')) {
            return $next($request);
        }
        $began = microtime(true);
        $computed = self::computedMs();
        $response = $next($request);
        $tookMs = 1000.0 * (microtime(true) - $began + self::waited());
        $response->headers->set('Kavvel-Patience', (string) Patience::for($tookMs, self::computedMs() - $computed));

        return $response;
    }

    /** Seconds between the arrival at the web server's door and the moment that a worker took it up. */
    private static function waited(): float
    {
        $arrived = (float) ($_SERVER['REQUEST_ARRIVED'] ?? 0.0);

        return $arrived > 0.0 && defined('LARAVEL_START') ? max(0.0, LARAVEL_START - $arrived) : 0.0;
    }

    private static function computedMs(): float
    {
        $usage = (array) getrusage();
        $seconds = $usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec'];

        return 1000.0 * $seconds + ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1000.0;
    }
}
