<?php

declare(strict_types=1);

namespace App\Http\Controllers\Mesh;

use App\Http\Requests\Mesh\ReadingFileRequest;
use App\Models\MeshReading;
use App\Models\SiteJob;
use App\Stations\Mesh\ReadingFiles;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** A reading as GraphML, out and in. */
final class ReadingFileController
{
    public function show(SiteJob $job, MeshReading $meshReading, ReadingFiles $files): Response
    {
        return response($files->write($job, $meshReading), 200, [
            'Content-Type' => 'application/graphml+xml',
            'Content-Disposition' => "attachment; filename=\"{$job->key}-{$meshReading->protocol->value}.graphml\"",
        ]);
    }

    public function store(ReadingFileRequest $request, SiteJob $job, ReadingFiles $files): RedirectResponse
    {
        $reading = $files->take($job, $request->meshFile(), $request->person());

        return redirect()->route('jobs.mesh', ['job' => $job, 'lens' => $reading->protocol->value], 303)
            ->with('saved', 'The reading is taken in.');
    }
}
