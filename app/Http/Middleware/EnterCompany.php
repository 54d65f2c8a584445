<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Tenancy\CurrentCompany;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The signed-in user's company is the current one, for this request only. */
final readonly class EnterCompany
{
    public function __construct(private CurrentCompany $company) {}

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        abort_unless($user instanceof User, 401);
        $this->company->enter($user->company_id);

        return $next($request);
    }
}
