<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A person listens for the device of one slot: which one speaks when it is triggered.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property int $user_id
 * @property int $round that is under way, from 1
 * @property Carbon $round_at since when it is
 * @property Carbon|null $ended_at
 * @property-read Slot $slot
 * @property-read User $user
 * @property-read Collection<int, ListeningVoice> $voices
 */
final class Listening extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    /** Nobody listens for longer without a word of them */
    private const LASTS_MINUTES = 10;

    protected $table = 'listenings';

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return Builder<self> those that are under way on a job */
    public static function underWay(int $jobId): Builder
    {
        return self::query()->where('site_job_id', $jobId)->whereNull('ended_at')
            ->where('round_at', '>', now()->subMinutes(self::LASTS_MINUTES));
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

    /** @return HasMany<ListeningVoice, $this> */
    public function voices(): HasMany
    {
        return $this->hasMany(ListeningVoice::class);
    }

    protected function casts(): array
    {
        return ['round_at' => 'datetime', 'ended_at' => 'datetime'];
    }
}
