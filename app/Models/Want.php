<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Kavvel\Core\Wants\WantedBy;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;

/**
 * What somebody wants to be able to do in a room, and from where.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $room_id
 * @property WantedFunction $function
 * @property WantedBy $wanted_by
 * @property WantedFrom $wanted_from
 * @property-read Room|null $room
 */
final class Want extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'wants';

    protected $guarded = [];

    /** @return BelongsTo<Room, $this> */
    public function room(): BelongsTo
    {
        return $this->belongsTo(Room::class);
    }

    protected function casts(): array
    {
        return ['function' => WantedFunction::class, 'wanted_by' => WantedBy::class, 'wanted_from' => WantedFrom::class];
    }
}
