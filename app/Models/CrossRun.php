<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\CrossRecord;
use Kavvel\Core\Bridging\CrossTest;
use Kavvel\Core\Input\Input;

/**
 * A device is operated from every ecosystem that shows it, and looked at in every one.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $slot_key
 * @property int|null $node_id the device that was in the slot
 * @property array<string, string> $places ids of the device, by key of the ecosystem
 * @property list<array{string, string}> $plan what is still to be ordered: from where, and which value
 * @property list<array{origin: string, value: string, at: int}> $orders with their time in milliseconds
 * @property array<string, list<array{value: string, at: int}>> $sights by ecosystem
 * @property array<string, int> $cursors up to where each ecosystem was read
 * @property bool $is_waiting an order is out, and not everybody has seen it
 * @property int $looks at that order so far; after the last order: for those who are late
 * @property string|null $before in which state it was found; it is put back into that
 * @property string $by
 * @property Carbon $started_at
 * @property Carbon|null $ended_at
 * @property string|null $stopped_because before it was through
 */
final class CrossRun extends Model
{
    use BelongsToJob;

    /** Steps that are not called any more leave a run behind that nobody waits for, in seconds */
    public const LONGEST = 600;

    public $timestamps = false;

    protected $table = 'cross_runs';

    protected $guarded = [];

    /** @return list<self> the last of each device that is there now, of those that went through, in the order of the plan */
    public static function completed(SiteJob $job): array
    {
        $last = self::query()->where('site_job_id', $job->id)->whereNotNull('ended_at')->whereNull('stopped_because')
            ->orderBy('id')->get()->keyBy('slot_key');
        $through = [];
        foreach ($job->slots()->orderBy('id')->get() as $slot) {
            $run = $last->get($slot->key);
            if ($run !== null && $run->node_id === $slot->node_id) {
                $through[] = $run;
            }
        }

        return $through;
    }

    public function isUnderWay(): bool
    {
        return $this->ended_at === null && $this->started_at->diffInSeconds(now()) < self::LONGEST;
    }

    public function record(): CrossRecord
    {
        return CrossRecord::fromInput(Input::of($this->orders), Input::of($this->sights));
    }

    public function result(): CrossTest
    {
        $places = array_map(strval(...), array_keys($this->places));

        $tries = $this->record()->tries();

        // The one that is under way says nothing yet.
        return CrossTest::of($this->is_waiting ? array_slice($tries, 0, -1) : $tries, $places, $places);
    }

    protected function casts(): array
    {
        return [
            'places' => 'array', 'plan' => 'array', 'orders' => 'array', 'sights' => 'array', 'cursors' => 'array',
            'is_waiting' => 'boolean', 'started_at' => 'datetime', 'ended_at' => 'datetime',
        ];
    }
}
