<?php

declare(strict_types=1);

namespace App\Http\Controllers\HandOver;

use App\Bench\BenchPage;
use App\Models\SiteJob;
use App\Stations\HandOver\HandOverStation;
use App\Stations\Station;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class HandOverController
{
    public function __invoke(Request $request, SiteJob $job, BenchPage $bench, HandOverStation $handOver): Response
    {
        return $bench->show($request, $job, Station::HandOver, $handOver->move(...));
    }
}
