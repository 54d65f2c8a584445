<?php

declare(strict_types=1);

namespace App\Http\Controllers\Mesh;

use App\Bench\BenchPage;
use App\Models\SiteJob;
use App\Stations\Mesh\MeshStation;
use App\Stations\Station;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class MeshController
{
    public function __invoke(Request $request, SiteJob $job, BenchPage $bench, MeshStation $mesh): Response
    {
        return $bench->show($request, $job, Station::Mesh, $mesh->move(...));
    }
}
