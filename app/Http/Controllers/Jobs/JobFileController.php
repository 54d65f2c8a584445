<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\JobFiles\Exporter;
use App\Models\SiteJob;
use Symfony\Component\HttpFoundation\Response;

final class JobFileController
{
    public function show(SiteJob $job, Exporter $exporter): Response
    {
        return response()->json($exporter->export($job), options: JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)
            ->header('Content-Disposition', "attachment; filename=\"{$job->key}.kavvel.json\"");
    }
}
