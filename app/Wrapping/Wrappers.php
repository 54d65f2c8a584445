<?php

declare(strict_types=1);

namespace App\Wrapping;

use App\Bridging\JobBridging;
use App\JobSheet\HubOfSlot;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\BridgeBox;
use App\Models\EndReading;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Models\Wrapper;
use App\Settings\SettingNotTaken;
use App\Settings\SlotSettings;
use Kavvel\Core\Bridging\BandsTooClose;
use Kavvel\Core\Bridging\Threshold;
use Kavvel\Core\Bridging\Wrapping;

/** What hubs make of devices so that it shows where it is not known: chosen, measured at both ends, made, and taken out again. */
final readonly class Wrappers
{
    /** Of a profile: from where it counts as open */
    private const SETTING = 'open-from';

    public function __construct(private Logbook $logbook, private SlotSettings $settings) {}

    /** @throws WrapperRefused */
    public function choose(SiteJob $job, string $slot, string $ecosystem, Wrapping $wrapping, User $person): Wrapper
    {
        $job->holdForWriting();
        $bridging = JobBridging::of(JobSheet::of($job));
        $box = null;
        foreach ($bridging->plan()->impossible as $one) {
            foreach ($one->want->device === $slot && $one->want->ecosystem === $ecosystem ? $bridging->wrappable($one) : [] as $way) {
                $box = $way->wrapping === $wrapping ? $way->box : $box;
            }
        }
        $card = $bridging->sheet->card($slot);
        if ($box === null || $card === null) {
            throw WrapperRefused::isNotLost();
        }
        $wrapper = Wrapper::query()->firstOrNew(['site_job_id' => $job->id, 'slot_id' => $card->slot->id, 'wrapping' => $wrapping]);
        $wrapper->fill([
            'box_key' => $box, 'ecosystems' => array_values(array_unique([...$wrapper->ecosystems ?? [], $ecosystem])),
            'default_value' => $wrapper->default_value ?? $wrapping->defaults(),
        ])->save();
        $job->touchLive();
        $line = "The {$card->calledInRoom()} is to show in {$bridging->ecosystems[$ecosystem]->name} as {$wrapping->words()}.";
        $this->logbook->write($job, $person, 'bridge', $line, $card->slot);

        return $wrapper;
    }

    /**
     * It is done without; where its hub has a link, it is taken out there.
     *
     * @throws WrapperRefused
     */
    public function drop(SiteJob $job, Wrapper $wrapper, User $person): void
    {
        $job->holdForWriting();
        if ($wrapper->refresh()->isAsked()) {
            throw WrapperRefused::isBeingMade();
        }
        $box = $this->box($job, $wrapper);
        if ($wrapper->mark !== null && $box?->url !== null) {
            dispatch(new TakeWrapperOut($box, $wrapper->mark))->afterCommit();
        }
        $slot = $wrapper->slot;
        $wrapper->delete();
        $job->touchLive();
        $this->logbook->write($job, $person, 'bridge', "Done without: {$slot->title()} as {$wrapper->wrapping->words()}.", $slot);
    }

    /**
     * Its hub drives it to one end; what it says there comes as an event.
     *
     * @throws WrapperRefused
     */
    public function drive(SiteJob $job, Wrapper $wrapper, bool $isOpen, User $person): void
    {
        $job->holdForWriting();
        $node = $wrapper->slot->node()->first() ?? throw WrapperRefused::isNotIn();
        $gateway = HubOfSlot::linked($wrapper->slot, $node) ?? throw WrapperRefused::isNotOverTheLink();
        $other = $wrapper->readings()->get()->first(static fn (EndReading $one): bool => $one->isUnderWay());
        if ($other !== null) {
            throw WrapperRefused::isDriven($other->by);
        }
        $reading = EndReading::query()->create([
            'site_job_id' => $job->id, 'wrapper_id' => $wrapper->id, 'node_id' => $node->id, 'is_open' => $isOpen,
            'reference' => (string) str()->ulid(), 'by' => $person->name, 'at' => now(),
        ]);
        dispatch(new DriveToEnd($gateway, $reading, $node->address, $wrapper->wrapping->of()))->afterCommit();
        $job->touchLive();
    }

    /**
     * Somebody has driven it by its own key, and read off what the hub says.
     *
     * @throws WrapperRefused
     */
    public function note(SiteJob $job, Wrapper $wrapper, bool $isOpen, float $value, User $person): void
    {
        $job->holdForWriting();
        $node = $wrapper->slot->node_id ?? throw WrapperRefused::isNotIn();
        // A drive of which nothing is heard is waited for no longer.
        $wrapper->readings()->whereNull('value')->whereNull('refused')->update(['refused' => 'It was read off by hand.']);
        EndReading::query()->create([
            'site_job_id' => $job->id, 'wrapper_id' => $wrapper->id, 'node_id' => $node, 'is_open' => $isOpen, 'value' => $value,
            'by' => $person->name, 'at' => now(),
        ]);
        $job->touchLive();
    }

    /** One of them was mistyped, or the device was not at its end. Who comes second finds it gone, which is what was meant. */
    public function takeBack(SiteJob $job, Wrapper $wrapper, int $reading, User $person): void
    {
        $job->holdForWriting();
        $said = $wrapper->readings()->whereKey($reading)->whereNotNull('value')->first();
        if ($said !== null) {
            $said->delete();
            $job->touchLive();
            $line = "Taken back of the {$wrapper->slot->title()}: {$said->words($wrapper->wrapping->unit())}.";
            $this->logbook->write($job, $person, 'bridge', $line, $wrapper->slot);
        }
    }

    /** Its ends were taught anew: what it said before counts no more. What is made stays until it is made anew. */
    public function measureAnew(SiteJob $job, Wrapper $wrapper, User $person): void
    {
        $job->holdForWriting();
        $wrapper->readings()->delete();
        $wrapper->update(['ask_refused' => null]);
        $job->touchLive();
        $line = "The ends of the {$wrapper->slot->title()} are measured anew.";
        $this->logbook->write($job, $person, 'bridge', $line, $wrapper->slot);
    }

    /**
     * The hub is told to make it, or somebody has made it there.
     *
     * @throws WrapperRefused
     */
    public function make(SiteJob $job, Wrapper $wrapper, string $default, bool $isMadeByHand, User $person): void
    {
        $job->holdForWriting();
        if ($wrapper->slot->node_id === null) {
            throw WrapperRefused::isNotIn();
        }
        if (! $wrapper->wrapping->canBegin($default)) {
            throw WrapperRefused::isNoDefault($default);
        }
        $threshold = self::threshold($wrapper);
        $wrapper->update([
            'default_value' => $default, 'open_at' => $threshold?->open, 'closed_at' => $threshold?->closed, 'ask_refused' => null,
        ]);
        $box = $this->box($job, $wrapper);
        if ($isMadeByHand || $box?->url === null) {
            $this->made($job, $wrapper, null, $this->name($job, $wrapper), $person);
        } elseif (! $wrapper->isAsked()) {
            $wrapper->update(['asked_at' => now()]);
            dispatch(new MakeWrapper($box, $wrapper, $person->id))->afterCommit();
        }
        $job->touchLive();
    }

    /**
     * @param  string|null  $mark  by which it is the same everywhere; null: nobody knows
     * @param  string  $name  as it is called on the hub
     */
    public function made(SiteJob $job, Wrapper $wrapper, ?string $mark, string $name, User $person): void
    {
        $wrapper->update([
            'mark' => $mark ?? $wrapper->mark, 'made_name' => $name, 'node_id' => $wrapper->slot->node_id,
            'made_at' => now(), 'made_by' => $person->name, 'asked_at' => null, 'ask_refused' => null,
        ]);
        $threshold = $wrapper->threshold();
        if ($threshold !== null) {
            $this->noteSetting($job, $wrapper->slot, $threshold, $person);
        }
        $how = $threshold === null ? '' : ": {$threshold->words($wrapper->wrapping->unit())}";
        $line = "The {$wrapper->slot->title()} shows as {$wrapper->wrapping->words()}{$how}.";
        $this->logbook->write($job, $person, 'bridge', $line, $wrapper->slot);
    }

    /** @throws WrapperRefused */
    public static function threshold(Wrapper $wrapper): ?Threshold
    {
        if (! $wrapper->wrapping->isMeasured()) {
            return null;
        }
        [$open, $closed] = [$wrapper->band(true), $wrapper->band(false)];
        if ($open === null || $closed === null) {
            throw WrapperRefused::isNotMeasured();
        }
        try {
            return Threshold::between($open, $closed);
        } catch (BandsTooClose $alike) {
            throw WrapperRefused::tellsNothing($alike);
        }
    }

    /** A device that has such a setting itself is set alike; one that has none, or can't be set to that, goes by the hub alone. */
    private function noteSetting(SiteJob $job, Slot $slot, Threshold $threshold, User $person): void
    {
        try {
            $this->settings->write($job, $slot, self::SETTING, false, (string) (int) $threshold->open, $person);
        } catch (SettingNotTaken) {
            return;
        }
    }

    private function name(SiteJob $job, Wrapper $wrapper): string
    {
        return JobBridging::of(JobSheet::of($job))->wrapperName($wrapper);
    }

    private function box(SiteJob $job, Wrapper $wrapper): ?BridgeBox
    {
        return $job->bridgeBoxes()->where('key', $wrapper->box_key)->first();
    }
}
