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

final class JobFileController
{
    public function show(SiteJob $job, Exporter $exporter): Response
    {
        $json = json_encode($exporter->export($job), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
            | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);

        return response($json, headers: [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$job->key}.kavvel.json\"",
        ]);
    }

    public function store(ImportJobRequest $request, Importer $importer, Forecasts $forecasts, Logbook $logbook): RedirectResponse
    {
        $json = $request->jobFile();
        try {
            $twin = $request->boolean('again') ? null : $importer->twin($json);
            $job = $twin === null ? $importer->import($json) : throw ImportRefused::isHereAlready($twin);
        } catch (InvalidInput $broken) {
            throw ImportRefused::isBroken($broken);
        }
        $forecasts->refresh($job);
        $job->users()->syncWithoutDetaching([$request->person()->id]);
        $logbook->write($job, $request->person(), 'job', 'Made this job from a job file.');

        return redirect()->route('jobs.show', $job, 303);
    }
}
