<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class SingleKeysController
{
    public function update(Request $request): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $user->update(['single_keys' => $request->boolean('single_keys')]);

        return back(303);
    }
}
