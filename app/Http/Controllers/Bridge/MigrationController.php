<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bridge;

use App\Http\Requests\Bridge\MigrationRequest;
use App\Http\Requests\JobRequest;
use App\Models\BridgeLink;
use App\Models\SiteJob;
use App\Stations\Bridge\Migrating;
use Illuminate\Http\RedirectResponse;
use Kavvel\Core\Bridging\MigrationSchool;

/** An old path is replaced by a new one. */
final class MigrationController
{
    public function store(MigrationRequest $request, SiteJob $job, BridgeLink $bridgeLink, Migrating $migrating): RedirectResponse
    {
        $migrating->noteUsers(
            $job,
            $bridgeLink,
            $request->string('users')->squish()->toString(),
            $request->school() ?? MigrationSchool::KeepUntilProved,
            $request->until(),
            $request->person(),
        );

        return redirect()->route('jobs.bridge', $job, 303);
    }

    public function update(JobRequest $request, SiteJob $job, BridgeLink $bridgeLink, Migrating $migrating): RedirectResponse
    {
        $migrating->takeOver($job, $bridgeLink, $request->person());

        return redirect()->route('jobs.bridge', $job, 303);
    }
}
