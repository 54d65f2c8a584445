<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something wrong that must be cleared, or accepted by name, before handover.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $lock_version
 * @property int|null $slot_id
 * @property string $key
 * @property string $text
 * @property string $raised_by
 * @property string $state
 * @property string|null $closed_by
 * @property string|null $accepted_by
 * @property Carbon $raised_at
 * @property Carbon|null $closed_at
 * @property-read Slot|null $slot
 */
final class Snag extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'snags';

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    protected function casts(): array
    {
        return ['raised_at' => 'datetime', 'closed_at' => 'datetime'];
    }
}
