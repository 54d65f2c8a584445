<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A handover document with a number, a date and its SHA-256.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $number
 * @property int $progress
 * @property int|null $bytes
 * @property int|null $user_id
 * @property int|null $last_entry_id
 * @property string $state
 * @property string|null $reason
 * @property string|null $step
 * @property string|null $path
 * @property string|null $sha256
 * @property Carbon $asked_at
 * @property Carbon|null $ready_at
 * @property-read User|null $user
 */
final class Pack extends Model
{
    use BelongsToJob;

    /** A pack takes seconds; one that takes this long is stuck */
    public const LONGEST_MINUTES = 10;

    /** The states of one that has not ended */
    public const UNDER_WAY = ['asked', 'making'];

    public $timestamps = false;

    protected $table = 'packs';

    protected $guarded = [];

    public function isBeingMade(): bool
    {
        return in_array($this->state, self::UNDER_WAY, true) && $this->asked_at->diffInMinutes(now()) < self::LONGEST_MINUTES;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['asked_at' => 'datetime', 'ready_at' => 'datetime'];
    }
}
