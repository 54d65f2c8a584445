<?php

declare(strict_types=1);

namespace App\Http\Controllers\Fit;

use App\Http\Requests\PictureRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Stations\Fit\Boxes;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The photograph of a box as it was found. */
final class FoundPictureController
{
    public function show(SiteJob $job, Slot $slot): StreamedResponse
    {
        $path = $job->slotFits()->where('slot_id', $slot->id)->value('picture');
        abort_if($path === null, 404);

        return Storage::disk('local')->response($path, headers: ['Content-Type' => 'image/jpeg']);
    }

    public function store(PictureRequest $request, SiteJob $job, Slot $slot, Boxes $boxes): RedirectResponse
    {
        $boxes->photograph($job, $slot, $request->bytes(), $request->person());

        return redirect()->route('jobs.fit', ['job' => $job, 'next' => $slot->key], 303);
    }
}
