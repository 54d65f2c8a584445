<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One name of a batch.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $name_batch_id
 * @property int $slot_id
 * @property string|null $from
 * @property string $to
 * @property-read Slot|null $slot
 */
final class NameChange extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'name_changes';

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }
}
