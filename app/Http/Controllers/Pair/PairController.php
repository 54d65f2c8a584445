<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pair;

use App\Bench\BenchPage;
use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use App\Stations\Pair\PairStation;
use App\Stations\Pair\PutOff;
use App\Stations\Station;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class PairController
{
    public function __invoke(Request $request, SiteJob $job, BenchPage $bench, PairStation $pair, PutOff $putOff): Response
    {
        return $bench->show($request, $job, Station::Pair, static fn (JobSheet $sheet) => $pair->move($sheet, $putOff->keys($job), $request->string('next')->toString(), $request->string('light')->toString() === 'none', $request->string('slot')->toString()));
    }
}
