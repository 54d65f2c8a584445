<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use App\Stations\Fit\VanSheet;
use App\Stations\Fit\WallWork;
use App\Tables\Csv;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The van list of a visit as a table to take along. */
final class VanTableController
{
    public function __invoke(Request $request, SiteJob $job): Response
    {
        $van = VanSheet::of(WallWork::of(JobSheet::of($job)), $request->integer('visit') ?: null);

        return response(Csv::text($van->table()), headers: [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"{$job->key}-van-{$van->visit->number}.csv\"",
        ]);
    }
}
