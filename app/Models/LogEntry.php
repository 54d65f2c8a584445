<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A line of the logbook. The database refuses to change or delete one.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $slot_id
 * @property string $by
 * @property string $kind
 * @property string $text
 * @property Carbon $at
 */
final class LogEntry extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'log_entries';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
