<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as FrameworkStartSession;

/** A fragment is no page to come back to: the session remembers whole pages only. */
final class StartSession extends FrameworkStartSession
{
    /** @param Session $session */
    protected function storeCurrentUrl(Request $request, $session): void
    {
        if (! $request->headers->has('HX-Request')) {
            parent::storeCurrentUrl($request, $session);
        }
    }
}
