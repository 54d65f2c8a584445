<?php

declare(strict_types=1);

namespace App\Models;

/** Technician: the work of jobs they are on. Lead: also jobs, thresholds, snags, packs. Office: reads, edits clients. */
enum Role: string
{
    case Technician = 'technician';
    case Lead = 'lead';
    case Office = 'office';
}
