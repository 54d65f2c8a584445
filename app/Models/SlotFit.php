<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\Hanging;
use Kavvel\Core\Fit\HangStep;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Fit\TwoWayTest;
use Kavvel\Core\Fit\Wire;
use Kavvel\Core\Input\Input;

/**
 * What was found where a device goes into the wall, and how it went in.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int $slot_id
 * @property int|null $circuit_id
 * @property int $lock_version
 * @property array<string, mixed>|null $box
 * @property list<array<string, mixed>>|null $loads  null: the lamps of its circuit in its room
 * @property list<array<string, mixed>>|null $wires
 * @property array<string, mixed>|null $two_way  what was read at its common terminal
 * @property array<string, mixed>|null $hung  how far a blind or a lock is
 * @property string|null $picture  of the box as it was found: where its file lies
 * @property Carbon|null $picture_at
 * @property Carbon|null $fitted_at
 * @property string|null $fitted_by
 * @property int|null $minutes  that it took
 * @property-read Slot $slot
 * @property-read Circuit|null $circuit
 */
final class SlotFit extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'slot_fits';

    protected $guarded = [];

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    /** @return BelongsTo<Circuit, $this> */
    public function circuit(): BelongsTo
    {
        return $this->belongsTo(Circuit::class);
    }

    /**
     * Written down as its next version.
     *
     * @param  array<string, mixed>  $values
     */
    public function note(array $values): void
    {
        $this->fill([...$values, 'lock_version' => $this->exists ? $this->lock_version + 1 : 1])->save();
    }

    /** It is in the wall, or put up, no longer: it goes in with a proof of its own. */
    public function comesOut(): void
    {
        if ($this->fitted_at === null && $this->hung === null) {
            return;
        }
        $this->note(['fitted_at' => null, 'fitted_by' => null, 'minutes' => null, 'hung' => null]);
        $underWay = $this->circuit_id === null ? null : Isolation::query()->where('circuit_id', $this->circuit_id)
            ->whereNull('ended_at')->latest('id')->first();
        $underWay?->update(['work' => $underWay->core()->takeOut($this->slot()->firstOrFail()->key)->row()]);
    }

    public function foundBox(): ?FoundBox
    {
        return $this->box === null ? null : FoundBox::fromInput(Input::of($this->box));
    }

    /** @return list<SwitchedLoad>|null null: nobody has said otherwise than its circuit */
    public function switchedLoads(): ?array
    {
        return $this->loads === null
            ? null
            : array_map(static fn (array $one): SwitchedLoad => SwitchedLoad::fromInput(Input::of($one)), $this->loads);
    }

    /** @return list<Wire> */
    public function wireList(): array
    {
        return array_map(static fn (array $one): Wire => Wire::fromInput(Input::of($one)), $this->wires ?? []);
    }

    public function twoWayTest(): ?TwoWayTest
    {
        return $this->two_way === null ? null : TwoWayTest::fromInput(Input::of($this->two_way));
    }

    /** @param list<HangStep> $steps of its kind of device */
    public function hanging(array $steps): Hanging
    {
        return $this->hung === null
            ? Hanging::none($steps)
            : Hanging::fromInput(Input::of($this->hung), new DateTimeZone((string) config('kavvel.time_zone')), $steps);
    }

    protected function casts(): array
    {
        return [
            'box' => 'array', 'loads' => 'array', 'wires' => 'array', 'two_way' => 'array', 'hung' => 'array', 'picture_at' => 'datetime',
            'fitted_at' => 'datetime',
        ];
    }
}
