<?php

declare(strict_types=1);

namespace App\Stations;

use App\Models\SiteJob;

/** A station of which some pages need the job alone, and neither its slots nor its hubs: those are answered at once. */
interface DrawsAlone
{
    /** Null for the pages that need more. */
    public function alone(SiteJob $job, Asked $asked): ?Move;
}
