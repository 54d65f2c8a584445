<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Bench\BenchPage;
use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use App\Stations\Station;
use App\Stations\Survey\SurveyStation;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class SurveyController
{
    public function __invoke(Request $request, SiteJob $job, BenchPage $bench, SurveyStation $survey): Response
    {
        return $bench->show($request, $job, Station::Survey, static fn (JobSheet $sheet) => $survey->move($sheet, $request->string('slot')->toString()));
    }
}
