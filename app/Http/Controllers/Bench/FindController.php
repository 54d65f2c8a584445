<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Bench\Find;
use App\Models\SiteJob;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class FindController
{
    public function __invoke(Request $request, SiteJob $job, Find $find): View
    {
        $query = $request->string('q')->squish()->limit(60, '')->toString();

        return view('drawers.find', ['job' => $job, 'query' => $query, 'hits' => $query === '' ? [] : $find->hits($job, $query)]);
    }
}
