<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\Unclear;
use Kavvel\Core\Protocol\Protocol;

/**
 * A time in which the gateway lets devices in. It ends when the gateway says so.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $gateway_id
 * @property int $seconds
 * @property int|null $slot_id
 * @property int|null $user_id
 * @property string $reference
 * @property string $kind join, exclude, learn: it listens for a key of a remote, or hear: it listens to a wired bus
 * @property int|null $listed of one for exclusion: devices that stand on the hub’s SmartStart list still; null: it has told none
 * @property string|null $learns name of that key
 * @property Unclear|null $unclear how it was heard, where it was not clear
 * @property Protocol|null $protocol whose radio it takes
 * @property string $state
 * @property string|null $reason
 * @property Carbon|null $opened_at
 * @property Carbon|null $closes_at
 * @property Carbon|null $ended_at
 * @property-read Gateway $gateway
 * @property-read Slot|null $slot
 * @property-read User|null $user
 * @property-read Collection<int, PairAttempt> $attempts
 */
final class JoinWindow extends Model
{
    use BelongsToJob;

    /** The states of one that has not ended */
    public const UNDER_WAY = ['opening', 'open'];

    protected $table = 'join_windows';

    protected $guarded = [];

    /**
     * The hub’s clock, not ours, says how long it lasts.
     *
     * @param  int  $aheadSeconds  of the hub’s clock
     */
    public function secondsLeft(int $aheadSeconds): ?int
    {
        return $this->closes_at === null ? null : max(0, (int) round(now()->addSeconds($aheadSeconds)->diffInSeconds($this->closes_at)));
    }

    /** @return BelongsTo<Gateway, $this> */
    public function gateway(): BelongsTo
    {
        return $this->belongsTo(Gateway::class);
    }

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<PairAttempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(PairAttempt::class);
    }

    protected function casts(): array
    {
        return [
            'protocol' => Protocol::class, 'unclear' => Unclear::class, 'opened_at' => 'datetime', 'closes_at' => 'datetime',
            'ended_at' => 'datetime',
        ];
    }
}
