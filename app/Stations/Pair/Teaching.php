<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Logbook\Logbook;
use App\Models\LearntKey;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Pairing\LearnAct;
use Kavvel\Core\Pairing\LearnKey;
use Kavvel\Core\Pairing\LearnSchool;
use Kavvel\Core\Pairing\LearnSheet;
use Kavvel\Core\Protocol\Joining;

/** What senders are taught of the remotes of infrared and 433 MHz devices, key by key. */
final readonly class Teaching
{
    public function __construct(private Logbook $logbook) {}

    /** @return list<array{card: SlotCard, sheet: LearnSheet}> those that are taught, the open ones first */
    public function sheets(JobSheet $sheet): array
    {
        $keys = LearntKey::query()->where('site_job_id', $sheet->job->id)->orderBy('id')->get()->groupBy('slot_id');
        $taught = array_filter(
            $sheet->cards,
            static fn (SlotCard $card): bool => $card->profile->protocol->rules()->joining() === Joining::Taught,
        );
        $sheets = array_values(array_map(fn (SlotCard $card): array => [
            'card' => $card, 'sheet' => $this->sheet($card, $keys[$card->slot->id] ?? new Collection),
        ], $taught));
        usort($sheets, static fn (array $a, array $b): int => $a['card']->isIn() <=> $b['card']->isIn());

        return $sheets;
    }

    public function act(SiteJob $job, Slot $slot, string $name, LearnAct $act, User $person): void
    {
        $key = $this->keyOf($job, $slot, $name);
        $after = $key->core()->after($act);
        $key->update(['is_learnt' => $after->isLearnt, 'works' => $after->works, 'by' => $person->name, 'at' => now()]);
        $line = "“{$name}” of the {$slot->title()}: {$after->source()}".($after->works === true ? ', it obeys' : '').'.';
        $this->logbook->write($job, $person, 'pair', $line, $slot);
    }

    /** @throws TeachingRefused */
    public function add(SiteJob $job, Slot $slot, string $name, bool $toggles, User $person): void
    {
        $this->begin($job, $slot);
        if (LearntKey::query()->where('slot_id', $slot->id)->where('name', $name)->exists()) {
            throw TeachingRefused::isThere($name, $slot);
        }
        if (LearntKey::query()->where('slot_id', $slot->id)->count() >= LearnSheet::MOST_KEYS) {
            throw TeachingRefused::areTooMany($slot);
        }
        LearntKey::query()->create(['site_job_id' => $job->id, 'slot_id' => $slot->id, 'name' => $name, 'toggles' => $toggles]);
        $this->logbook->write($job, $person, 'pair', "“{$name}” of the {$slot->title()} is to be taught.", $slot);
    }

    /** @throws TeachingRefused */
    public function drop(SiteJob $job, Slot $slot, string $name, User $person): void
    {
        $this->keyOf($job, $slot, $name)->delete();
        $this->logbook->write($job, $person, 'pair', "“{$name}” of the {$slot->title()} is not used.", $slot);
    }

    public function choose(SiteJob $job, Slot $slot, LearnSchool $school, User $person): void
    {
        $slot->update(['learn_school' => $school->value]);
        $this->logbook->write($job, $person, 'pair', "The {$slot->title()}: {$school->words()}.", $slot);
    }

    /** @param Collection<int, LearntKey> $keys */
    private function sheet(SlotCard $card, Collection $keys): LearnSheet
    {
        $school = LearnSchool::tryFrom((string) $card->slot->learn_school) ?? LearnSchool::PresetFirst;
        $wanted = $keys->isEmpty()
            ? LearnSheet::wanted($card->profile, $card->slot->remote_toggles === true)
            : array_values($keys->map(static fn (LearntKey $key): LearnKey => $key->core())->all());

        return new LearnSheet($wanted, $school);
    }

    /** @throws TeachingRefused */
    private function keyOf(SiteJob $job, Slot $slot, string $name): LearntKey
    {
        $this->begin($job, $slot);

        return LearntKey::query()->where('slot_id', $slot->id)->where('name', $name)->lockForUpdate()->first()
            ?? throw TeachingRefused::isGone($name, $slot);
    }

    /** What is taught first is proposed; from the first act on it is kept. */
    private function begin(SiteJob $job, Slot $slot): void
    {
        $slot = Slot::query()->whereKey($slot->id)->lockForUpdate()->firstOrFail();
        $profile = $slot->profile()->firstOrFail()->core($job->region);
        if ($profile->protocol->rules()->joining() !== Joining::Taught) {
            throw TeachingRefused::isNotTaught($slot);
        }
        if (LearntKey::query()->where('slot_id', $slot->id)->exists()) {
            return;
        }
        foreach (LearnSheet::wanted($profile, $slot->remote_toggles === true) as $key) {
            LearntKey::query()->create([
                'site_job_id' => $job->id, 'slot_id' => $slot->id, 'name' => $key->name, 'toggles' => $key->toggles,
            ]);
        }
    }
}
