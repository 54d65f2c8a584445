<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Requests\Jobs\ImportJobRequest;
use App\JobFiles\Exporter;
use App\JobFiles\Importer;
use App\JobFiles\ImportRefused;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Radio\Forecasts;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\JobFile\JobFile;

final class JobFileController
{
    private const LARGE_BYTES = 8_000_000;

    public function show(SiteJob $job, Exporter $exporter): Response
    {
        $how = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;
        $file = $exporter->export($job);
        $json = json_encode($file, $how);
        // A file for people to read, unless it is so large that its blanks would keep it from being taken in again.
        $json = strlen($json) > self::LARGE_BYTES ? $json : json_encode($file, $how | JSON_PRETTY_PRINT);

        return response($json, headers: [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$job->key}.kavvel.json\"",
        ]);
    }

    public function store(ImportJobRequest $request, Importer $importer, Forecasts $forecasts, Logbook $logbook): RedirectResponse
    {
        try {
            $file = JobFile::parse($request->jobFile());
        } catch (InvalidInput $broken) {
            throw ImportRefused::isBroken($broken);
        }
        $twin = $request->boolean('again') ? null : $importer->twin($file);
        $job = $twin === null ? $importer->import($file) : throw ImportRefused::isHereAlready($twin);
        $forecasts->refresh($job);
        $job->users()->syncWithoutDetaching([$request->person()->id]);
        $logbook->write($job, $request->person(), 'job', 'Made this job from a job file.');

        return redirect()->route('jobs.show', $job, 303);
    }
}
