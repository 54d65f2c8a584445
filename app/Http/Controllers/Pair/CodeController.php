<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Codes\CodeStore;
use App\Http\Requests\JobRequest;
use App\Http\Requests\Pair\CodeRequest;
use App\Http\Requests\Pair\CodeSlotRequest;
use App\Models\Credential;
use App\Models\SiteJob;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;

/** The tray: codes that are scanned before anybody says whose they are. */
final class CodeController
{
    public function store(CodeRequest $request, SiteJob $job, CodeStore $codes): RedirectResponse
    {
        $kept = new Collection($codes->scan($job, $request->typed(), $request->person()));
        $found = $kept->load('slot')->map(static fn (Credential $one): ?string => $one->slot?->title())->filter()->implode(', ');

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'codes'], 303)
            ->with('saved', $found === '' ? 'In the tray.' : "It is the code of the {$found}.");
    }

    public function update(CodeSlotRequest $request, SiteJob $job, Credential $credential, CodeStore $codes): RedirectResponse
    {
        $codes->give($job, $credential, $request->slot(), $request->person());

        return redirect($request->back(), 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Credential $credential, CodeStore $codes): RedirectResponse
    {
        $codes->forget($job, $credential, $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'codes'], 303);
    }
}
