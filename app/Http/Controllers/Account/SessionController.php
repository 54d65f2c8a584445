<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\Account\SignInRequest;
use App\SignIn\SignIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

final class SessionController
{
    public function create(): View
    {
        return view('session.create');
    }

    public function store(SignInRequest $request, SignIn $signIn): RedirectResponse
    {
        $request->authenticate($signIn);
        $request->session()->regenerate();

        return redirect()->intended(route('jobs.index'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
