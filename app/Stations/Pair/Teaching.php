<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\HubOfSlot;
use App\Logbook\Logbook;
use App\Models\JoinWindow;
use App\Models\LearntKey;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Windows\EndOfWindow;
use Kavvel\Core\Pairing\LearnAct;
use Kavvel\Core\Pairing\LearnSchool;
use Kavvel\Core\Pairing\LearnSheet;
use Kavvel\Core\Protocol\Joining;

/** What senders are taught of the remotes of infrared and 433 MHz devices, key by key. */
final readonly class Teaching
{
    public function __construct(private Logbook $logbook, private JoinWindows $windows, private EndOfWindow $ending) {}

    public function act(SiteJob $job, Slot $slot, string $name, LearnAct $act, User $person): void
    {
        $key = $this->keyOf($job, $slot, $name);
        $key->take($act, $person->name);
        $after = $key->core();
        $line = "“{$name}” of the {$slot->title()}: {$after->source()}".($after->works === true ? ', it obeys' : '').'.';
        $this->logbook->write($job, $person, 'pair', $line, $slot);
    }

    /** A hub listens for a key, or was told to send one and has not said yet that it has. */
    public function isUnderWay(SiteJob $job): bool
    {
        $isListening = JoinWindow::query()->where('site_job_id', $job->id)->where('kind', 'learn')
            ->whereIn('state', JoinWindow::UNDER_WAY)->exists();

        return $isListening || LearntKey::query()->where('site_job_id', $job->id)->whereNotNull('sent_reference')->whereNull('sent_at')
            ->whereNull('send_refused')->exists();
    }

    /** @throws TeachingRefused|WindowRefused */
    public function listen(SiteJob $job, Slot $slot, string $name, User $person): void
    {
        $key = $this->keyOf($job, $slot, $name);
        $this->windows->listen($job, $slot, $key->name, $person);
        $key->update(['send_refused' => null]);
    }

    /** @throws TeachingRefused */
    public function stopListening(SiteJob $job, Slot $slot, string $name): void
    {
        $key = $this->keyOf($job, $slot, $name);
        $open = JoinWindow::query()->where('slot_id', $slot->id)->where('learns', $key->name)->whereIn('state', JoinWindow::UNDER_WAY);
        foreach ($open->get() as $window) {
            $this->ending->close($window);
        }
    }

    /** @throws TeachingRefused|WindowRefused */
    public function send(SiteJob $job, Slot $slot, string $name, User $person): void
    {
        $key = $this->keyOf($job, $slot, $name);
        $gateway = HubOfSlot::opening($job, $slot, $slot->profile()->firstOrFail()->protocol()) ?? throw TeachingRefused::noHubSends($slot);
        if ($key->is_learnt && $key->signal === null) {
            throw TeachingRefused::isLearntElsewhere($name, $slot);
        }
        $key->update(['sent_reference' => (string) str()->ulid(), 'sent_at' => null, 'send_refused' => null]);
        $this->logbook->write($job, $person, 'pair', "Sent “{$name}” to the {$slot->title()}.", $slot);
        SendSignal::dispatch($gateway, (string) $key->sent_reference);
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
