<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use App\Http\Requests\JobRequest;
use App\Models\Slot;

/** A request about a device that goes into the wall; its answer leads back to its card. */
class FitRequest extends JobRequest
{
    public function backToCard(Slot $slot): string
    {
        return route('jobs.fit', ['job' => $this->siteJob(), 'next' => $slot->key]);
    }
}
