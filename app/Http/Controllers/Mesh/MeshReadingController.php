<?php

declare(strict_types=1);

namespace App\Http\Controllers\Mesh;

use App\Http\Requests\Mesh\MeshReadingRequest;
use App\Models\SiteJob;
use App\Stations\Mesh\MeshReadings;
use Illuminate\Http\RedirectResponse;

final class MeshReadingController
{
    public function store(MeshReadingRequest $request, SiteJob $job, MeshReadings $readings): RedirectResponse
    {
        $readings->start($job, $request->protocol(), $request->person());

        return redirect()->route('jobs.mesh', ['job' => $job, 'lens' => $request->protocol()?->value], 303);
    }
}
