<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
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
        return ['protocol' => Protocol::class, 'members' => 'array', 'asked_at' => 'datetime', 'ended_at' => 'datetime'];
    }
}
