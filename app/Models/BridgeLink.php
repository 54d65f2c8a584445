<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\LinkRun;
use Kavvel\Core\Bridging\Mark;
use Kavvel\Core\Bridging\MigrationSchool;
use Kavvel\Core\Bridging\Wrapper;
use Kavvel\Core\Input\Input;

/**
 * A link into a box or an ecosystem that was begun: its acts as they were then, and how far it is.
 *
 * @property int $id
 * @property int $company_id
 * @property int $site_job_id
 * @property string $key of the link of the plan
 * @property array<array-key, mixed> $acts
 * @property list<string> $devices keys of the slots that were in when it was last worked on; once it is made, when it was
 * @property array<string, string>|null $marks by what each of them was the same everywhere then, as far as it was known
 * @property string|null $ecosystem_key that it leads into; null: into a box
 * @property Carbon|null $made_at
 * @property string|null $window_code that the window which is open goes by
 * @property string|null $window_ref the window that a box opened for us over its link
 * @property int|null $asked_act number of the act that a box or an ecosystem was told to do
 * @property Carbon|null $asked_at
 * @property string|null $ask_refused why it was not done
 * @property MigrationSchool|null $school by which it is replaced
 * @property string|null $users what uses it, as somebody noted it before it was replaced
 * @property Carbon|null $users_noted_at
 * @property Carbon|null $taken_over_at what used it uses the new path
 * @property Carbon|null $reprove_from what was proved over it before counts no more
 * @property Carbon|null $put_off_on the day on which somebody who is needed was not there
 */
final class BridgeLink extends Model
{
    use BelongsToJob;

    public $timestamps = false;

    protected $table = 'bridge_links';

    protected $guarded = [];

    public function run(): LinkRun
    {
        return LinkRun::fromInput(Input::of($this->acts));
    }

    /**
     * @param  Closure(string): (string|null)  $mark  by what a device is the same everywhere now
     * @return list<string> those that it carries still: another device in the same slot is not carried by it
     */
    public function carries(Closure $mark): array
    {
        return array_values(array_filter(
            $this->devices,
            fn (string $device): bool => Mark::stands($this->marks[$device] ?? null, $mark($device)),
        ));
    }

    /** @return list<string> names of the ecosystems that a slot is linked into */
    public static function into(Slot $slot): array
    {
        return array_values(array_unique(self::namesOf($slot, array_column(self::shownIn($slot), 1))));
    }

    /** @return array<string, string> words of the rungs by which a slot was linked, each with where it leads, by the rung */
    public static function rungs(Slot $slot): array
    {
        $shown = self::shownIn($slot);
        $names = self::namesOf($slot, array_column($shown, 1));
        $rungs = [];
        foreach ($shown as [$device, $ecosystem]) {
            $rungs[Wrapper::rung($device, $ecosystem)] = Wrapper::rungWords($device, $names[$ecosystem] ?? $ecosystem);
        }

        return $rungs;
    }

    /** @return list<array{string, string}> what of a slot is linked, and the key of the ecosystem that it is linked into */
    private static function shownIn(Slot $slot): array
    {
        $shown = [];
        $made = self::query()->where('site_job_id', $slot->site_job_id)->whereNotNull('made_at')->whereNotNull('ecosystem_key')->get();
        foreach ($made as $one) {
            foreach ($one->devices as $device) {
                if (Wrapper::rawOf($device) === $slot->key) {
                    $shown[] = [$device, (string) $one->ecosystem_key];
                }
            }
        }

        return $shown;
    }

    /**
     * @param  list<string>  $ecosystems
     * @return array<string, string> by key
     */
    private static function namesOf(Slot $slot, array $ecosystems): array
    {
        return Ecosystem::query()->where('site_job_id', $slot->site_job_id)->whereIn('key', $ecosystems)->orderBy('id')
            ->pluck('name', 'key')->all();
    }

    /** @return HasMany<TemporaryState, $this> */
    public function temporaryStates(): HasMany
    {
        return $this->hasMany(TemporaryState::class);
    }

    /** @return HasMany<Credential, $this> a key that is carried from one side to the other */
    public function credentials(): HasMany
    {
        return $this->hasMany(Credential::class);
    }

    protected function casts(): array
    {
        return [
            'acts' => 'array', 'devices' => 'array', 'marks' => 'array', 'window_code' => 'encrypted',
            'put_off_on' => 'date', 'made_at' => 'datetime',
            'asked_at' => 'datetime', 'school' => MigrationSchool::class, 'users_noted_at' => 'datetime', 'taken_over_at' => 'datetime',
            'reprove_from' => 'datetime',
        ];
    }
}
