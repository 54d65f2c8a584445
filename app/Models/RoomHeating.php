<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Kavvel\Core\Heating\HeatKind;
use Kavvel\Core\Heating\RoomHeating as CoreRoomHeating;

/**
 * How a room is heated.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $loops
 * @property string $room  its key
 * @property HeatKind $kind
 * @property float $watts
 * @property bool $hides_thermostat
 */
final class RoomHeating extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'room_heatings';

    protected $guarded = [];

    public function core(): CoreRoomHeating
    {
        return new CoreRoomHeating($this->room, $this->kind, $this->loops, $this->watts, $this->hides_thermostat);
    }

    protected function casts(): array
    {
        return ['kind' => HeatKind::class, 'hides_thermostat' => 'boolean'];
    }
}
