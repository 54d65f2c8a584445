<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Radio\HeardWifi;

/**
 * A Wi-Fi network as it was heard in a room.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $room_id
 * @property string $key
 * @property string $name
 * @property int $channel
 * @property int $width_mhz
 * @property string|null $secondary
 * @property float $rssi_dbm
 * @property float $busy
 * @property Carbon $heard_at
 * @property-read Room|null $room
 */
final class HeardNetwork extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'heard_networks';

    protected $guarded = [];

    /** @return BelongsTo<Room, $this> */
    public function room(): BelongsTo
    {
        return $this->belongsTo(Room::class);
    }

    public function core(): HeardWifi
    {
        return HeardWifi::on($this->channel, $this->width_mhz, $this->secondary, $this->rssi_dbm, $this->busy);
    }

    protected function casts(): array
    {
        return ['heard_at' => 'datetime'];
    }
}
