<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\LearnKey;

/**
 * A key of a remote that a sender is taught.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property string $name
 * @property bool $toggles
 * @property bool $is_learnt
 * @property bool|null $works
 * @property string|null $by
 * @property Carbon|null $at
 * @property-read Slot $slot
 */
final class LearntKey extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'learnt_keys';

    protected $guarded = [];

    public function core(): LearnKey
    {
        return LearnKey::of($this->name, $this->toggles, $this->is_learnt, $this->works);
    }

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    protected function casts(): array
    {
        return ['toggles' => 'boolean', 'is_learnt' => 'boolean', 'works' => 'boolean', 'at' => 'datetime'];
    }
}
