<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use App\Models\Storey;
use App\Plan\Draughtsman;
use App\Plan\Lens;
use App\Plan\PlanStyle;
use Illuminate\Http\Response;

/** A storey as a standalone SVG file. */
final class PlanController
{
    public function __invoke(SiteJob $job, Storey $storey): Response
    {
        $drawing = Draughtsman::draw(JobSheet::of($job)->plan(), $storey->key, new Lens);

        return response()
            ->view('plan.file', ['drawing' => $drawing, 'paint' => PlanStyle::paper()])
            ->header('Content-Type', 'image/svg+xml');
    }
}
