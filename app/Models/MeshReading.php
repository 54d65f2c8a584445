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
use Kavvel\Core\Protocol\Protocol;

/**
 * One reading of a network’s neighbour tables.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $gateway_id
 * @property int $done
 * @property int $total
 * @property int|null $user_id
 * @property int|null $accepted
 * @property int|null $thin
 * @property int|null $lost
 * @property string $reference
 * @property Protocol $protocol
 * @property string $state
 * @property string|null $reason
 * @property list<array{slot: string, address: string, standing: string}>|null $members
 * @property array<string, list<string>>|null $routes  relays over which the hub goes, by " address" of the device
 * @property string|null $hub_at where its hub stood then
 * @property list<string>|null $asleep  addresses of devices that have not been awake since: what they hear themselves is not in it
 * @property bool $more_due  one of them has woken, and the links have to be fetched again
 * @property Carbon $asked_at
 * @property Carbon|null $ended_at
 * @property-read Gateway $gateway
 * @property-read Collection<int, RadioLink> $links
 */
final class MeshReading extends Model
{
    use BelongsToJob;

    /** The states of one that has not ended */
    public const UNDER_WAY = ['asked', 'running', 'reading'];

    public $timestamps = false;

    protected $table = 'mesh_readings';

    protected $guarded = [];

    /**
     * The last that ended of each radio.
     *
     * @return Collection<string, self> by protocol
     */
    public static function lastOf(SiteJob $job): Collection
    {
        $last = self::query()->selectRaw('max(id)')->where('site_job_id', $job->id)->where('state', 'done')->groupBy('protocol');

        return self::query()->whereIn('id', $last)->orderBy('id')->get()->keyBy(static fn (self $one): string => $one->protocol->value);
    }

    /**
     * Whose links are to be fetched.
     *
     * @param  Builder<self>  $readings
     */
    public function scopeDue(Builder $readings): void
    {
        $readings->where(static fn (Builder $any): Builder => $any->where('state', 'reading')
            ->orWhere(static fn (Builder $more): Builder => $more->where('state', 'done')->where('more_due', true)));
    }

    /** @return BelongsTo<Gateway, $this> */
    public function gateway(): BelongsTo
    {
        return $this->belongsTo(Gateway::class);
    }

    /** @return HasMany<RadioLink, $this> */
    public function links(): HasMany
    {
        return $this->hasMany(RadioLink::class);
    }

    protected function casts(): array
    {
        return [
            'protocol' => Protocol::class, 'members' => 'array', 'asleep' => 'array',
            'routes' => 'array', 'more_due' => 'boolean', 'asked_at' => 'datetime',
            'ended_at' => 'datetime',
        ];
    }
}
