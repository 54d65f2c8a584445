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

    /**
     * Somebody has the box of this slot open.
     *
     * @param  string  $slot  its key
     */
    public static function hasOpenBox(SiteJob $job, string $slot): bool
    {
        return $job->isolations()->whereNull('ended_at')->get()
            ->contains(static fn (self $one): bool => $one->core()->box($slot)?->isOpen() === true);
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
