<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Names that were changed together, and are taken back together.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $words
 * @property string $by
 * @property Carbon $at
 * @property Carbon|null $undone_at
 * @property-read Collection<int, NameChange> $changes
 */
final class NameBatch extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'name_batches';

    protected $guarded = [];

    /** @return HasMany<NameChange, $this> */
    public function changes(): HasMany
    {
        return $this->hasMany(NameChange::class);
    }

    protected function casts(): array
    {
        return ['at' => 'datetime', 'undone_at' => 'datetime'];
    }
}
