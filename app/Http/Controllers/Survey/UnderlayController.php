<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Floorplan\Underlays;
use App\Http\Requests\JobRequest;
use App\Http\Requests\PictureRequest;
use App\Http\Requests\Survey\UnderlayRequest;
use App\Models\SiteJob;
use App\Models\Storey;
use App\Models\Underlay;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The picture under a storey's plan. */
final class UnderlayController
{
    public function show(SiteJob $job, Storey $storey): StreamedResponse
    {
        $underlay = Underlay::query()->where('storey_id', $storey->id)->firstOrFail();

        return Storage::disk('local')->response($underlay->path, headers: [
            'Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=604800',
        ]);
    }

    public function store(PictureRequest $request, SiteJob $job, Storey $storey, Underlays $underlays): RedirectResponse
    {
        $underlays->lay($job, $storey, $request->bytes(), $request->person());

        return $this->back($job, $storey);
    }

    public function update(UnderlayRequest $request, SiteJob $job, Storey $storey, Underlays $underlays): RedirectResponse
    {
        $request->apply($underlays, Underlay::query()->where('storey_id', $storey->id)->firstOrFail());

        return $this->back($job, $storey);
    }

    public function destroy(JobRequest $request, SiteJob $job, Storey $storey, Underlays $underlays): RedirectResponse
    {
        $underlays->remove($job, $storey, $request->person());

        return $this->back($job, $storey);
    }

    private function back(SiteJob $job, Storey $storey): RedirectResponse
    {
        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'rooms', 'storey' => $storey->key], 303);
    }
}
