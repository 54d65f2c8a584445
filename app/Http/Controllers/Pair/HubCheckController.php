<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Pair\HubCheckRequest;
use App\Models\Gateway;
use App\Models\SiteJob;
use App\Stations\Pair\HubSheets;
use Illuminate\Http\RedirectResponse;

final class HubCheckController
{
    public function update(HubCheckRequest $request, SiteJob $job, Gateway $gateway, string $check, HubSheets $sheets): RedirectResponse
    {
        $sheets->settle(
            $job,
            $gateway,
            $request->check(),
            $request->string('note')->squish()->toString(),
            $request->facts(),
            $request->boolean('waive'),
            $request->person(),
        );

        if ($request->secret() !== null) {
            $sheets->keepSecret($job, $gateway, $request->secret(), $request->person());
        }

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'hubs'], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, Gateway $gateway, string $check, HubSheets $sheets): RedirectResponse
    {
        $sheets->reopen($job, $gateway, $check, $request->person());

        return redirect()->route('jobs.pair', ['job' => $job, 'lens' => 'hubs'], 303);
    }
}
