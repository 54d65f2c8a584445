<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Protocol\Protocol;

/**
 * One radio network of a gateway. Linked: its windows open over the gateway link.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $gateway_id
 * @property Protocol $protocol
 * @property int|null $channel
 * @property Carbon|null $channel_chosen_at
 * @property bool $linked
 * @property-read Gateway $gateway
 */
final class Network extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'networks';

    protected $guarded = [];

    /** @return BelongsTo<Gateway, $this> */
    public function gateway(): BelongsTo
    {
        return $this->belongsTo(Gateway::class);
    }

    protected function casts(): array
    {
        return ['protocol' => Protocol::class, 'linked' => 'boolean', 'channel_chosen_at' => 'datetime'];
    }
}
