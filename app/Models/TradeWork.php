<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Another trade worked in a room: what was checked there before is to be checked again.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $room  its key
 * @property string $trade
 * @property Carbon $at
 */
final class TradeWork extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'trade_works';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
