<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Pages and their fragments share an address: caches must tell them apart. */
final readonly class AnswerFragments
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Vary', 'HX-Request', false);

        return $response;
    }
}
