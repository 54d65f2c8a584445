<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something that was opened, stuck on or switched on only for the work.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $slot_id
 * @property string $key
 * @property string $what
 * @property string $opened_by
 * @property Carbon $opened_at
 * @property int|null $bridge_link_id
 * @property Carbon|null $ends_at  when it closes by itself
 * @property Carbon|null $close_by  the day on which it has to be closed
 * @property string|null $closed_by
 * @property Carbon|null $closed_at
 * @property-read Slot|null $slot
 */
final class TemporaryState extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'temporary_states';

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    protected function casts(): array
    {
        return ['opened_at' => 'datetime', 'close_by' => 'date', 'ends_at' => 'datetime', 'closed_at' => 'datetime'];
    }
}
