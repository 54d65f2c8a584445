<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\Account\PeopleRequest;
use App\Models\User;
use App\SignIn\SessionEra;
use App\SignIn\TryList;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** The people of a company, and who tried to sign in as them. */
final class PeopleController
{
    public function index(PeopleRequest $request, TryList $tries): View
    {
        $person = $request->person();

        return view('people.index', [
            'user' => $person,
            'people' => User::query()->where('company_id', $person->company_id)->orderBy('name')->get(),
            'tries' => $tries->of($person->company_id),
        ]);
    }

    /** Ends all sessions of a user, wherever they are signed in. */
    public function destroySessions(PeopleRequest $request, int $user): RedirectResponse
    {
        $colleague = User::query()->where('company_id', $request->person()->company_id)->findOrFail($user);
        SessionEra::end($colleague);
        if ($colleague->is($request->person())) {
            SessionEra::begin($request->session(), $colleague);
        }

        return redirect()->route('people.index', status: 303)->with('saved', "{$colleague->name} is signed out everywhere"
            .($colleague->is($request->person()) ? ' but here.' : '.'));
    }
}
