<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Pair\NodeMatchRequest;
use App\Matching\Matching;
use App\Models\SiteJob;
use App\Models\Slot;
use Illuminate\Http\RedirectResponse;

final class NodeMatchController
{
    public function store(NodeMatchRequest $request, SiteJob $job, Slot $slot, Matching $matching): RedirectResponse
    {
        $matching->match($job, $slot, $request->node(), $request->person());

        return $request->has('from')
            ? redirect()->route('jobs.name', [$job, 'lens' => 'who'], 303)
            : redirect()->route('jobs.pair', $job, 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Slot $slot, Matching $matching): RedirectResponse
    {
        $matching->undo($job, $slot, $request->string('seen')->toString(), $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'slot' => $slot->key], 303);
    }
}
