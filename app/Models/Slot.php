<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\RemoteTest;
use Kavvel\Core\Wants\PlugLoad;

/**
 * A planned device at its place in a room.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $room_id
 * @property int $profile_id
 * @property int $lock_version
 * @property int|null $point_id
 * @property int|null $node_id
 * @property int|null $behind_id slot of the bridge that it comes in behind
 * @property int|null $gateway_id the hub that a person chose for it; null: the one that suits
 * @property string $key
 * @property string $place
 * @property string $what
 * @property string $mounting
 * @property string|null $feed
 * @property string|null $note
 * @property string|null $name
 * @property string|null $name_before that it had before a person gave it this one
 * @property string|null $name_command
 * @property string|null $name_refused
 * @property string|null $label what of its name was written to its device
 * @property string|null $label_place what of its room, where its radio has a field for that
 * @property string|null $leave_refused why its hub did not let its device go
 * @property float $x
 * @property float $y
 * @property float $z
 * @property string|null $load_what
 * @property float|null $load_watts
 * @property bool|null $load_stays_on
 * @property bool|null $load_heats
 * @property bool|null $remote_works_away
 * @property bool|null $remote_toggles
 * @property string|null $hardware revision of the unit, where its recipe knows several
 * @property string|null $learn_school by which its sender is taught
 * @property Carbon|null $left_at when its device was last taken out of whatever network it was in
 * @property Carbon|null $placed_at when it was put into its place, after it was paired at the bench
 * @property Carbon|null $named_at
 * @property-read Room $room
 * @property-read Point|null $point
 * @property-read Profile $profile
 * @property-read Node|null $node
 * @property-read Slot|null $behind
 * @property-read Gateway|null $gateway
 * @property-read Collection<int, ProofResult> $proofResults
 * @property-read Collection<int, PairAttempt> $pairAttempts
 * @property-read Collection<int, Forecast> $forecasts
 * @property-read Collection<int, Credential> $credentials
 * @property-read Collection<int, Snag> $snags
 */
final class Slot extends Model
{
    use BelongsToJob;
    use SoftDeletes;

    protected $table = 'slots';

    protected $guarded = [];

    public function getRouteKeyName(): string
    {
        return 'key';
    }

    /** What people call it before it has a name: "landing relay". */
    public function title(): string
    {
        return trim("{$this->place} {$this->what}");
    }

    /** What is plugged in; null: nobody has said. */
    public function plugLoad(): ?PlugLoad
    {
        return $this->load_what === null
            ? null
            : new PlugLoad($this->load_what, $this->load_watts, $this->load_stays_on ?? false, $this->load_heats ?? false);
    }

    /** How its own remote was found to work; null: nobody has tried. */
    public function remoteTest(): ?RemoteTest
    {
        return $this->remote_works_away === null ? null : new RemoteTest($this->remote_works_away, $this->remote_toggles ?? false);
    }

    /** @return BelongsTo<Room, $this> */
    public function room(): BelongsTo
    {
        return $this->belongsTo(Room::class);
    }

    /** @return BelongsTo<Point, $this> */
    public function point(): BelongsTo
    {
        return $this->belongsTo(Point::class);
    }

    /** @return BelongsTo<Profile, $this> */
    public function profile(): BelongsTo
    {
        return $this->belongsTo(Profile::class);
    }

    /** @return BelongsTo<Node, $this> */
    public function node(): BelongsTo
    {
        return $this->belongsTo(Node::class);
    }

    /** @return BelongsTo<Slot, $this> */
    public function behind(): BelongsTo
    {
        return $this->belongsTo(self::class, 'behind_id');
    }

    /** @return BelongsTo<Gateway, $this> */
    public function gateway(): BelongsTo
    {
        return $this->belongsTo(Gateway::class);
    }

    /** @return HasMany<ProofResult, $this> */
    public function proofResults(): HasMany
    {
        return $this->hasMany(ProofResult::class);
    }

    /** @return HasMany<PairAttempt, $this> */
    public function pairAttempts(): HasMany
    {
        return $this->hasMany(PairAttempt::class);
    }

    /** @return HasMany<Forecast, $this> */
    public function forecasts(): HasMany
    {
        return $this->hasMany(Forecast::class);
    }

    /** @return HasMany<Credential, $this> */
    public function credentials(): HasMany
    {
        return $this->hasMany(Credential::class);
    }

    /** @return HasMany<LearntKey, $this> */
    public function learntKeys(): HasMany
    {
        return $this->hasMany(LearntKey::class);
    }

    /** @return HasMany<SlotSetting, $this> */
    public function settings(): HasMany
    {
        return $this->hasMany(SlotSetting::class);
    }

    /** @return HasMany<Stay, $this> */
    public function stays(): HasMany
    {
        return $this->hasMany(Stay::class);
    }

    /** @return HasMany<Snag, $this> */
    public function snags(): HasMany
    {
        return $this->hasMany(Snag::class);
    }

    protected function casts(): array
    {
        return [
            'named_at' => 'datetime', 'left_at' => 'datetime', 'placed_at' => 'datetime', 'load_stays_on' => 'boolean',
            'load_heats' => 'boolean', 'remote_works_away' => 'boolean',
            'remote_toggles' => 'boolean',
        ];
    }
}
