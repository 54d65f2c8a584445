<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Bench\BenchPage;
use App\JobSheet\JobSheet;
use App\Models\SiteJob;
use App\Stations\Name\NameStation;
use App\Stations\Station;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class NameController
{
    public function __invoke(Request $request, SiteJob $job, BenchPage $bench, NameStation $name): Response
    {
        return $bench->show($request, $job, Station::Name, static fn (JobSheet $sheet) => $name->move($sheet, $request->string('next')->toString()));
    }
}
