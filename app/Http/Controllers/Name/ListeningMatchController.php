<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\Name\FoundDeviceRequest;
use App\Matching\Telling;
use App\Models\Listening;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

/** What was heard is the device of the slot that was listened for; the next one is listened for at once. */
final class ListeningMatchController
{
    public function store(FoundDeviceRequest $request, SiteJob $job, Listening $listening, Telling $telling): RedirectResponse
    {
        $telling->itIs($job, $listening, $request->string('address')->toString(), $request->person());

        return redirect()->route('jobs.name', [$job, 'lens' => 'who'], 303);
    }
}
