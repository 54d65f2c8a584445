<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\Survey\WantRequest;
use App\Models\SiteJob;
use App\Stations\Survey\Wants\Wanting;
use Illuminate\Http\RedirectResponse;

/** What the client wants to be able to do. */
final class WantController
{
    public function store(WantRequest $request, SiteJob $job, Wanting $wanting): RedirectResponse
    {
        $wanting->note($job, $request->room(), $request->wanted(), $request->pen()->by, $request->pen()->from, $request->person());

        return $this->back($request, $job);
    }

    public function destroy(WantRequest $request, SiteJob $job, Wanting $wanting): RedirectResponse
    {
        $wanting->drop($job, $request->room(), $request->wanted(), $request->pen()->by, $request->pen()->from, $request->person());

        return $this->back($request, $job);
    }

    private function back(WantRequest $request, SiteJob $job): RedirectResponse
    {
        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'wants', 'at' => $request->pen()->with()], 303);
    }
}
