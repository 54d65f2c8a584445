<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\JobRequest;
use App\Models\Node;
use App\Models\SiteJob;
use App\Stations\Name\Blinks;
use Illuminate\Http\RedirectResponse;

/** A device blinks for whoever stands before it. */
final class BlinkController
{
    public function store(JobRequest $request, SiteJob $job, Node $node, Blinks $blinks): RedirectResponse
    {
        $blinks->tell($job, $node, $request->person());

        $slot = $node->slot()->first();

        return redirect($slot === null ? route('jobs.name', [$job, 'lens' => 'who']) : $request->backToSlot($slot), 303);
    }
}
