<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A place where something can be mounted or plugged in.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $room_id
 * @property string $key
 * @property string $purpose
 * @property bool $mains
 * @property string|null $cable  kind of cable that comes from the rack; null: what is usual for its purpose
 * @property int|null $cable_count
 * @property string|null $label  as it is written on its cable
 * @property float $x
 * @property float $y
 * @property float $z
 * @property-read Room $room
 */
final class Point extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'points';

    protected $guarded = [];

    /** @return BelongsTo<Room, $this> */
    public function room(): BelongsTo
    {
        return $this->belongsTo(Room::class);
    }

    protected function casts(): array
    {
        return ['mains' => 'boolean'];
    }
}
