<?php

declare(strict_types=1);

namespace App\Http\Controllers\Mesh;

use App\Http\Requests\JobRequest;
use App\Models\MeshProposal;
use App\Models\SiteJob;
use App\Stations\Mesh\Proposals;
use App\Stations\Survey\SlotEditor;
use Illuminate\Http\RedirectResponse;

/** A proposal becomes work: its relays are planned, and to be paired next. */
final class ProposalWorkController
{
    public function store(
        JobRequest $request,
        SiteJob $job,
        MeshProposal $meshProposal,
        Proposals $proposals,
        SlotEditor $editor,
    ): RedirectResponse {
        $added = null;
        foreach ($proposals->work($job, $meshProposal, $request->person()) as $key) {
            $point = $job->points()->where('key', $key)->firstOrFail();
            $added = $editor->addRelay($job, $point, $meshProposal->protocol, $request->person());
        }

        return $added === null
            ? redirect()->route('jobs.mesh', ['job' => $job, 'lens' => $meshProposal->protocol->value], 303)
            : redirect()->route('jobs.pair', ['job' => $job, 'next' => $added->key], 303);
    }
}
