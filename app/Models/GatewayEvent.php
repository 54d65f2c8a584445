<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $gateway_id
 * @property int $sequence
 * @property string $epoch
 * @property string $type
 * @property array<array-key, mixed> $data
 * @property string|null $set_aside why it could not be carried out
 * @property Carbon $at
 * @property-read Gateway $gateway
 */
final class GatewayEvent extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'gateway_events';

    protected $guarded = [];

    /** @return BelongsTo<Gateway, $this> */
    public function gateway(): BelongsTo
    {
        return $this->belongsTo(Gateway::class);
    }

    protected function casts(): array
    {
        return ['data' => 'array', 'at' => 'datetime'];
    }
}
