<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\SiteJob;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whatever a person does to a job makes a new version of it, so that no page shows the one before; one after the other. */
final readonly class TouchJob
{
    public function handle(Request $request, Closure $next): Response
    {
        $job = $request->route('job');
        if ($request->isMethodSafe() || ! $job instanceof SiteJob) {
            return $next($request);
        }
        $job->holdForWriting();
        $response = $next($request);
        if ($job->exists) {
            $job->touchLive();
        }

        return $response;
    }
}
