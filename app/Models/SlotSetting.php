<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A setting of the device in a slot, as it is planned and as it was set.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property string $name
 * @property string|null $planned
 * @property string|null $actual
 * @property string|null $set_by
 * @property Carbon|null $set_at
 */
final class SlotSetting extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'slot_settings';

    protected $guarded = [];

    /** Another device comes into the slot: what was set on the one before is what is planned for it, where nothing else was. */
    public static function setAnew(Slot $slot): void
    {
        foreach (self::query()->where('slot_id', $slot->id)->whereNotNull('actual')->get() as $one) {
            $one->update(['planned' => $one->planned ?? $one->actual, 'actual' => null, 'set_by' => null, 'set_at' => null]);
        }
    }

    protected function casts(): array
    {
        return ['set_at' => 'datetime'];
    }
}
