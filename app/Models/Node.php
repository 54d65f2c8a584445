<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\ReportedNode;
use Kavvel\Core\Protocol\Protocol;

/**
 * What a radio network reports.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $gateway_id
 * @property Protocol $protocol
 * @property string $address
 * @property string $state
 * @property string|null $model
 * @property string|null $firmware
 * @property string|null $label
 * @property string|null $via address of the bridge that it stands behind
 * @property bool $is_reachable the bridge says that it answers
 * @property bool $is_router
 * @property array<array-key, mixed> $capabilities
 * @property int|null $battery_percent
 * @property Carbon|null $joined_at
 * @property Carbon|null $heard_at
 * @property Carbon|null $left_at
 * @property Carbon|null $matched_at since when it is its slot’s device; null: it has come onto the network since
 * @property Carbon|null $given_up_at since when it is replaced, and was not heard again
 * @property Carbon|null $rejoined_at when it last came through a window
 * @property string|null $said capability of what it told last by itself
 * @property string|null $said_value
 * @property Carbon|null $said_at by our clock
 * @property string|null $blink_command
 * @property Carbon|null $blinks_at when it was last told to blink, and did
 * @property string|null $blink_refused why it does not
 * @property string|null $forget_refused why its hub did not forget it
 * @property-read Gateway|null $gateway
 * @property-read Slot|null $slot
 */
final class Node extends Model
{
    use BelongsToJob;

    /** The state of one that has left its network */
    public const LEFT = 'left';

    public $timestamps = false;

    protected $table = 'nodes';

    protected $guarded = [];

    public function reported(): ReportedNode
    {
        return new ReportedNode($this->protocol, $this->model, array_values(array_map(strval(...), $this->capabilities)));
    }

    /** @return BelongsTo<Gateway, $this> */
    public function gateway(): BelongsTo
    {
        return $this->belongsTo(Gateway::class);
    }

    /** @return HasOne<Slot, $this> */
    public function slot(): HasOne
    {
        return $this->hasOne(Slot::class);
    }

    protected function casts(): array
    {
        return [
            'protocol' => Protocol::class, 'is_router' => 'boolean', 'is_reachable' => 'boolean', 'capabilities' => 'array',
            'joined_at' => 'datetime', 'heard_at' => 'datetime', 'left_at' => 'datetime', 'rejoined_at' => 'datetime',
            'matched_at' => 'datetime', 'said_at' => 'datetime', 'blinks_at' => 'datetime',
            'given_up_at' => 'datetime',
        ];
    }
}
