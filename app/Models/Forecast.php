<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The predicted link of a slot, for one version of the plan.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property int $plan_version
 * @property float|null $margin_db
 * @property float|null $parent_margin_db
 * @property string|null $parent_key
 * @property array<array-key, mixed>|null $breakdown
 * @property-read Slot $slot
 */
final class Forecast extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'forecasts';

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    protected function casts(): array
    {
        return ['breakdown' => 'array'];
    }
}
