<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NodeMatchRequest;
use App\Http\Requests\PersonRequest;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Pair\Matching;
use Illuminate\Http\RedirectResponse;

final class NodeMatchController
{
    public function store(NodeMatchRequest $request, SiteJob $job, Slot $slot, Matching $matching): RedirectResponse
    {
        $matching->match($job, $slot, $request->node(), $request->person());

        return redirect()->route('jobs.pair', $job, 303);
    }

    public function destroy(PersonRequest $request, SiteJob $job, Slot $slot, Logbook $logbook): RedirectResponse
    {
        $slot->update(['node_id' => null, 'named_at' => null]);
        $logbook->write($job, $request->person(), 'pair', "Took the node away from the {$slot->title()}.", $slot);

        return redirect()->route('jobs.pair', ['job' => $job, 'slot' => $slot->key], 303);
    }
}
