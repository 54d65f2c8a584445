<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\SiteJob;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

trait BelongsToJob
{
    use BelongsToCompany;

    /** @return BelongsTo<SiteJob, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(SiteJob::class, 'site_job_id');
    }
}
