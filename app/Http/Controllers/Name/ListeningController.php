<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Name\ListeningRequest;
use App\Http\Requests\Name\NextRoundRequest;
use App\JobSheet\JobSheet;
use App\Models\Listening;
use App\Models\SiteJob;
use App\WhoIsWho\Listenings;
use Illuminate\Http\RedirectResponse;

/** Listening for the device of a slot. */
final class ListeningController
{
    public function store(ListeningRequest $request, SiteJob $job, Listenings $listenings): RedirectResponse
    {
        $card = JobSheet::of($job)->cards[$request->string('slot')->toString()];
        $listenings->begin($job, $card, $request->person(), $request->boolean('instead'));

        return redirect()->route('jobs.name', [$job, 'lens' => 'who', 'next' => $card->key()], 303);
    }

    /** The same touch twice begins one round. */
    public function update(NextRoundRequest $request, SiteJob $job, Listening $listening, Listenings $listenings): RedirectResponse
    {
        if ($request->string('how')->toString() === 'anew') {
            $listenings->anew($listening);
        } else {
            $listenings->again($listening, $request->integer('round'));
        }

        return redirect()->route('jobs.name', [$job, 'lens' => 'who'], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Listening $listening, Listenings $listenings): RedirectResponse
    {
        $listenings->end($listening);

        return redirect()->route('jobs.name', [$job, 'lens' => 'who'], 303);
    }
}
