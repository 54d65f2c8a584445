<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Input\Input;

/**
 * The work at one circuit, from switching it off until it was live again: the isolation record.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property int|null $circuit_id
 * @property string $key
 * @property string $label  of the circuit at the time
 * @property array<string, mixed> $work  as the core keeps it
 * @property Carbon $begun_at
 * @property Carbon|null $ended_at
 * @property-read Circuit|null $circuit
 */
final class Isolation extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'isolations';

    protected $guarded = [];

    /** @return BelongsTo<Circuit, $this> */
    public function circuit(): BelongsTo
    {
        return $this->belongsTo(Circuit::class);
    }

    /** @return list<string> keys of the slots whose box somebody has open */
    public static function openBoxes(SiteJob $job): array
    {
        $underWay = $job->isolations()->whereNull('ended_at')->get()->map(static fn (self $one): CircuitWork => $one->core());

        return array_values($underWay->flatMap(static fn (CircuitWork $one): array => array_map(
            strval(...),
            array_keys($one->openBoxes()),
        ))->all());
    }

    /** The work for which the circuit of this slot is off. */
    public static function offAt(Slot $slot): ?self
    {
        $circuit = SlotFit::query()->where('slot_id', $slot->id)->value('circuit_id');

        return $circuit === null ? null : self::query()->where('site_job_id', $slot->site_job_id)->where('circuit_id', $circuit)
            ->whereNull('ended_at')->get()->first(static fn (self $one): bool => $one->core()->isOff());
    }

    public function core(): CircuitWork
    {
        return CircuitWork::fromInput(Input::of($this->work), new DateTimeZone((string) config('kavvel.time_zone')));
    }

    protected function casts(): array
    {
        return ['work' => 'array', 'begun_at' => 'datetime', 'ended_at' => 'datetime'];
    }
}
