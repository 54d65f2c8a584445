<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\SignIn\SessionEra;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whose sessions were ended is asked to sign in again. */
final readonly class LeaveEndedSession
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && SessionEra::isOver($request->session(), $user)) {
            Auth::logoutCurrentDevice();
            $request->session()->invalidate();
            throw new AuthenticationException(redirectTo: route('sign-in'));
        }

        return $next($request);
    }
}
