<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * The box whose radios Kavvel talks to. Url null: no gateway link, its work is recorded by hand.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $storey_id
 * @property int $cursor
 * @property int $clock_ahead_seconds
 * @property string $key
 * @property string $name
 * @property string|null $kind what the box calls itself, once it has said so: alike in other jobs
 * @property string|null $url
 * @property string|null $token
 * @property string|null $epoch
 * @property float $x
 * @property float $y
 * @property float $z
 * @property Carbon|null $heard_at
 * @property bool $nodes_due its list of nodes has to be read anew
 * @property string|null $silent_because in words, while it is
 * @property Carbon|null $silent_since
 * @property-read Storey $storey
 * @property-read Collection<int, Network> $networks
 * @property-read Collection<int, HubCheck> $checks
 * @property-read Collection<int, Node> $nodes
 * @property-read Collection<int, JoinWindow> $joinWindows
 */
final class Gateway extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    /** The listener notes a sign of life every ten seconds; much later it has stopped, or the gateway has */
    private const SILENT_AFTER_SECONDS = 40;

    protected $table = 'gateways';

    protected $guarded = [];

    /** What its experience is counted under. */
    public function kindOrName(): string
    {
        return $this->kind ?? $this->name;
    }

    /** Since when nothing is heard of a linked gateway, or null. */
    public function silentSince(): ?Carbon
    {
        if ($this->url === null) {
            return null;
        }
        $isStale = $this->heard_at !== null && $this->heard_at->diffInSeconds(now()) > self::SILENT_AFTER_SECONDS;

        return $this->silent_since ?? ($isStale ? $this->heard_at : null);
    }

    /** @return BelongsTo<Storey, $this> */
    public function storey(): BelongsTo
    {
        return $this->belongsTo(Storey::class);
    }

    /** @return HasMany<Network, $this> */
    public function networks(): HasMany
    {
        return $this->hasMany(Network::class);
    }

    /** @return HasMany<HubCheck, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(HubCheck::class);
    }

    /** @return HasMany<Credential, $this> the password of its driver, or a key to it */
    public function credentials(): HasMany
    {
        return $this->hasMany(Credential::class);
    }

    /** @return HasMany<Node, $this> */
    public function nodes(): HasMany
    {
        return $this->hasMany(Node::class);
    }

    /** @return HasMany<JoinWindow, $this> */
    public function joinWindows(): HasMany
    {
        return $this->hasMany(JoinWindow::class);
    }

    protected function casts(): array
    {
        return ['token' => 'encrypted', 'nodes_due' => 'boolean', 'heard_at' => 'datetime', 'silent_since' => 'datetime'];
    }
}
