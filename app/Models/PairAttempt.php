<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\AttemptEvent;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Failure;
use Kavvel\Core\Pairing\JoinPath;
use Kavvel\Core\Pairing\Light;

/**
 * One try to pair a slot; every one is kept.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property int $interview_done
 * @property int $interview_total
 * @property int|null $join_window_id
 * @property int|null $node_id
 * @property int|null $user_id
 * @property Light|null $light
 * @property array<array-key, mixed> $missing
 * @property float|null $margin_db
 * @property AttemptState $state
 * @property AttemptState|null $reached the last stage that it came to
 * @property Failure|null $failure what the hub saw, where it said so
 * @property array<array-key, mixed>|null $network what the hub found at its own network then
 * @property string|null $secured_with
 * @property string|null $asked_dsk what the device shows of its key, while the hub asks for the first digits of it
 * @property string|null $pin_refused why the hub did not take them
 * @property bool $other_seen a device waited that was not the one of the code
 * @property int $strangers others that announced in the same window
 * @property Carbon|null $light_at when somebody said what its light shows
 * @property Carbon $started_at
 * @property Carbon|null $ended_at
 * @property-read Slot $slot
 * @property-read Node|null $node
 * @property-read JoinWindow|null $joinWindow
 */
final class PairAttempt extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'pair_attempts';

    protected $guarded = [];

    /**
     * What an event makes of it.
     *
     * @param  array<string, mixed>  $also  what else is known then
     */
    public function pass(AttemptEvent $event, array $also = []): void
    {
        $state = JoinPath::of($this->slot->profile->protocol())->after($this->state, $event);
        $this->update(['state' => $state, ...($state->isHeard() ? ['reached' => $state] : []), ...$also]);
    }

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    /** @return BelongsTo<Node, $this> */
    public function node(): BelongsTo
    {
        return $this->belongsTo(Node::class);
    }

    /** @return BelongsTo<JoinWindow, $this> */
    public function joinWindow(): BelongsTo
    {
        return $this->belongsTo(JoinWindow::class);
    }

    protected function casts(): array
    {
        return [
            'state' => AttemptState::class, 'light' => Light::class, 'missing' => 'array', 'started_at' => 'datetime',
            'ended_at' => 'datetime', 'reached' => AttemptState::class, 'failure' => Failure::class, 'network' => 'array',
            'other_seen' => 'boolean', 'light_at' => 'datetime',
        ];
    }
}
