<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SiteJob;
use App\Models\Storey;
use App\Plan\Draughtsman;
use App\Plan\Lens;
use App\Plan\Paint;
use App\Stations\JobSheet;
use Illuminate\Http\Response;

/** A storey as a standalone SVG file. */
final class PlanController
{
    public function __invoke(SiteJob $job, Storey $storey): Response
    {
        $drawing = Draughtsman::draw(JobSheet::of($job), $storey->key, new Lens);

        return response()->view('plan.file', ['drawing' => $drawing, 'paint' => Paint::paper()])->header('Content-Type', 'image/svg+xml');
    }
}
