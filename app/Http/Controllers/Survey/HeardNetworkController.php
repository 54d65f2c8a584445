<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Survey\HeardNetworkRequest;
use App\Models\HeardNetwork;
use App\Models\SiteJob;
use App\Stations\Survey\Channels\HeardNetworks;
use Illuminate\Http\RedirectResponse;

/** Wi-Fi networks heard on site. */
final class HeardNetworkController
{
    public function store(HeardNetworkRequest $request, SiteJob $job, HeardNetworks $heard): RedirectResponse
    {
        $heard->add($job, $request->rows(), $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'channels'], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, HeardNetwork $heardNetwork, HeardNetworks $heard): RedirectResponse
    {
        $heard->remove($job, $heardNetwork, $request->person());

        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'channels'], 303);
    }
}
