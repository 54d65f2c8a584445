<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Name\SuccessorRequest;
use App\Matching\Forgetting;
use App\Models\Node;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

/** An entry that is left on a hub's list. */
final class LeftoverController
{
    /** It is the device, and what the slot has is its old entry. */
    public function update(SuccessorRequest $request, SiteJob $job, Node $node, Forgetting $forgetting): RedirectResponse
    {
        $forgetting->succeed($job, $node, $request->slot(), $request->person());

        return redirect()->route('jobs.name', [$job, 'lens' => 'names'], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Node $node, Forgetting $forgetting): RedirectResponse
    {
        $forgetting->forget($job, $node, $request->person());

        return redirect()->route('jobs.name', [$job, 'lens' => 'names'], 303);
    }
}
