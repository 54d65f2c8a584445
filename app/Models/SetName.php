<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A name and a room that somebody set in an ecosystem by hand, and said so.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $slot_key
 * @property string $ecosystem_key
 * @property string|null $mark of the device for which it was set; null: nobody knew it
 * @property string $name
 * @property string $room
 * @property string $set_by
 * @property Carbon $set_at
 */
final class SetName extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'set_names';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['set_at' => 'datetime'];
    }
}
