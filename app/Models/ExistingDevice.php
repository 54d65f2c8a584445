<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Catalogue\Profile as CoreProfile;
use Kavvel\Core\Existing\ExistingDevice as CoreDevice;
use Kavvel\Core\Existing\Fate;
use Kavvel\Core\Existing\Holder;
use Kavvel\Core\Protocol\Protocol;

/**
 * A device that was there before: what it is in, and what becomes of it. Its room is named by key.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $lock_version
 * @property int|null $profile_id
 * @property int|null $slot_id
 * @property string $key
 * @property string $room
 * @property string $what
 * @property Protocol $protocol
 * @property Holder $holder
 * @property string $holder_name
 * @property Fate $fate
 * @property string $note
 * @property Carbon|null $left_at
 * @property-read Slot|null $slot
 * @property-read Profile|null $profile
 */
final class ExistingDevice extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'existing_devices';

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> its slot, as long as that is on the plan */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    /** @return BelongsTo<Profile, $this> */
    public function profile(): BelongsTo
    {
        return $this->belongsTo(Profile::class);
    }

    /** @param array<int, CoreProfile> $catalogue by id */
    public function core(array $catalogue): CoreDevice
    {
        return new CoreDevice(
            $this->key,
            $this->protocol,
            $catalogue[$this->profile_id] ?? null,
            $this->holder,
            $this->fate,
            $this->left_at !== null,
            $this->slot !== null,
        );
    }

    protected function casts(): array
    {
        return ['protocol' => Protocol::class, 'holder' => Holder::class, 'fate' => Fate::class, 'left_at' => 'datetime'];
    }
}
