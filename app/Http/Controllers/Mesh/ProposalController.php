<?php

declare(strict_types=1);

namespace App\Http\Controllers\Mesh;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Mesh\ProposalRequest;
use App\Models\MeshProposal;
use App\Models\SiteJob;
use App\Stations\Mesh\Proposals;
use Illuminate\Http\RedirectResponse;

/** What-ifs that are kept beside each other. */
final class ProposalController
{
    public function store(ProposalRequest $request, SiteJob $job, Proposals $proposals): RedirectResponse
    {
        $proposals->keep($job, $request->protocol(), $request->string('changes')->toString(), $request->person());

        return redirect()->route('jobs.mesh', [
            'job' => $job, 'show' => 'what-if', 'lens' => $request->protocol()->value, 'at' => $request->input('changes'),
        ], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, MeshProposal $meshProposal, Proposals $proposals): RedirectResponse
    {
        $proposals->drop($job, $meshProposal, $request->person());

        return redirect()->route('jobs.mesh', ['job' => $job, 'show' => 'what-if', 'lens' => $meshProposal->protocol->value], 303);
    }
}
