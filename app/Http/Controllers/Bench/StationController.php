<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\BenchPage;
use App\Models\SiteJob;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The page of a station; which one, its route says. */
final class StationController
{
    public function __invoke(Request $request, SiteJob $job, string $station, BenchPage $bench): Response
    {
        return $bench->show($request, $job, $station);
    }
}
