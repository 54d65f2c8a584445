<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\LinkRun;
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
 * @property list<string> $devices keys of the slots that were in when it was last worked on
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

    /** @return list<string> names of the ecosystems that a slot is linked into */
    public static function into(Slot $slot): array
    {
        $linked = self::query()->where('site_job_id', $slot->site_job_id)->whereNotNull('made_at')->get()
            ->filter(static fn (self $one): bool => in_array($slot->key, array_map(Wrapper::rawOf(...), $one->devices), true))
            ->pluck('ecosystem_key');

        return array_values(Ecosystem::query()->where('site_job_id', $slot->site_job_id)->whereIn('key', $linked)->orderBy('id')
            ->pluck('name')->all());
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
            'acts' => 'array', 'devices' => 'array', 'window_code' => 'encrypted', 'put_off_on' => 'date', 'made_at' => 'datetime',
            'asked_at' => 'datetime', 'school' => MigrationSchool::class, 'users_noted_at' => 'datetime', 'taken_over_at' => 'datetime',
            'reprove_from' => 'datetime',
        ];
    }
}
