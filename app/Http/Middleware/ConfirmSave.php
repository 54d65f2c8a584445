<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever has saved something is told so on the page that follows. */
final readonly class ConfirmSave
{
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $session = $request->session();
        if ($response->getStatusCode() === 303 && ! $session->has('errors') && ! $session->has('notice') && ! $session->has('saved')) {
            $session->flash('saved', 'Saved '.now()->onSite()->format('H:i').'.');
        }

        return $response;
    }
}
