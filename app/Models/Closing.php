<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kavvel\Core\Closing\Closing as CoreClosing;

/**
 * A day after which nobody gets at what lies behind. Rooms are named by key.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $lock_version
 * @property int $lead_days
 * @property int $fitting_days
 * @property string $key
 * @property string $name
 * @property string $trade
 * @property Carbon $closes_on
 * @property Carbon|null $closed_at
 * @property list<string> $rooms
 */
final class Closing extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'closings';

    protected $guarded = [];

    public function core(): CoreClosing
    {
        return new CoreClosing(
            $this->key,
            $this->name,
            $this->trade,
            $this->closes_on->toDateTimeImmutable(),
            $this->rooms,
            $this->lead_days,
            $this->fitting_days,
            $this->closed_at !== null,
        );
    }

    protected function casts(): array
    {
        return ['closes_on' => 'date', 'closed_at' => 'datetime', 'rooms' => 'array'];
    }
}
