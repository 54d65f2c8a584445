<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Kavvel\Core\Circuits\Circuit as CoreCircuit;
use Kavvel\Core\Circuits\CircuitKind;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Circuits\Lamps;
use Kavvel\Core\Circuits\SwitchPlace;
use Kavvel\Core\Input\Input;

/**
 * A circuit as its label and its breaker say. Rooms are named by key: one that is off the plan comes back with an undo.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $lock_version
 * @property string $key
 * @property string $label
 * @property CircuitKind $kind
 * @property string $breaker
 * @property float|null $breaker_a
 * @property string|null $rcd
 * @property string|null $phase
 * @property string|null $channel
 * @property float|null $channel_w
 * @property list<string> $rooms
 * @property list<array{room: string, count: int, watts: float, dimmable: string}> $lamps
 * @property array<string, mixed>|null $choice  what was chosen for it, with what it was reckoned from
 */
final class Circuit extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'circuits';

    protected $guarded = [];

    public function getRouteKeyName(): string
    {
        return 'key';
    }

    /** @return HasMany<KeyUse, $this> */
    public function keyUses(): HasMany
    {
        return $this->hasMany(KeyUse::class);
    }

    public function core(): CoreCircuit
    {
        return new CoreCircuit(
            $this->key,
            $this->label,
            $this->kind,
            $this->breaker,
            $this->breaker_a,
            $this->rcd,
            $this->phase,
            $this->rooms,
            $this->channel,
            $this->channel_w,
            array_map(static fn (array $one): Lamps => new Lamps(
                $one['room'],
                $one['count'],
                (float) $one['watts'],
                Dimmable::from($one['dimmable']),
            ), $this->lamps),
        );
    }

    /** As it was found; the usual until somebody has looked. */
    public function switchPlace(): SwitchPlace
    {
        return isset($this->choice['place']) ? SwitchPlace::fromInput(Input::of($this->choice['place'])) : new SwitchPlace;
    }

    protected function casts(): array
    {
        return ['kind' => CircuitKind::class, 'rooms' => 'array', 'lamps' => 'array', 'choice' => 'array'];
    }
}
