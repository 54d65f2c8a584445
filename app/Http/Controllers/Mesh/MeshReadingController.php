<?php

declare(strict_types=1);

namespace App\Http\Controllers\Mesh;

use App\Http\Requests\JobRequest;
use App\Models\SiteJob;
use App\Stations\Mesh\MeshReadings;
use Illuminate\Http\RedirectResponse;

final class MeshReadingController
{
    public function store(JobRequest $request, SiteJob $job, MeshReadings $readings): RedirectResponse
    {
        $readings->start($job, $request->person());

        return redirect()->route('jobs.mesh', $job, 303);
    }
}
