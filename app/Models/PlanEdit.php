<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One change to the plan of a job, so that it can be taken back.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $by
 * @property string $words
 * @property array<array-key, mixed> $changes
 * @property bool $is_undone
 * @property Carbon $made_at
 */
final class PlanEdit extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'plan_edits';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['changes' => 'array', 'is_undone' => 'boolean', 'made_at' => 'datetime'];
    }
}
