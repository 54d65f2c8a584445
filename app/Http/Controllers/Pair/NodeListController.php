<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\Pair\JoinWindowRequest;
use App\Models\Gateway;
use App\Models\SiteJob;
use Illuminate\Http\RedirectResponse;

/** What a hub has in is asked for anew: it is due until it was read. */
final class NodeListController
{
    public function store(JoinWindowRequest $request, SiteJob $job, Gateway $gateway): RedirectResponse
    {
        $gateway->update(['nodes_due' => true]);

        return redirect()->route('jobs.pair', ['job' => $job, 'next' => $request->slot()->key], 303);
    }
}
