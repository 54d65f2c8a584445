<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Gateway\WindowEnding;
use App\JobSheet\HubOfSlot;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\Forecast;
use App\Models\Gateway;
use App\Models\JoinWindow;
use App\Models\PairAttempt;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Pairing\AttemptEvent;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Protocol\Leaving;
use Kavvel\Core\Protocol\Protocol;

/** Opens windows, one at a time on each radio. The hub is asked only after the intent is stored. */
final readonly class JoinWindows
{
    public function __construct(private WindowEnding $ending, private Logbook $logbook) {}

    /** @throws WindowRefused when the radio is taken, or no hub can open one */
    public function open(SiteJob $job, Slot $slot, User $person): void
    {
        if ($slot->behind_id !== null) {
            throw WindowRefused::comesBehindBridge($slot);
        }
        $window = $this->take($job, $slot, $person, 'join');
        $this->begin($job, $slot, $window, $person);
        $this->logbook->write($job, $person, 'pair', "Opened the join window for the {$slot->title()}.", $slot);
        OpenWindow::dispatch($window->gateway()->firstOrFail(), $window->id);
    }

    /**
     * Whatever is ready comes in through one window; who is who is told afterwards. The window is everybody’s.
     *
     * @throws WindowRefused when the radio is taken, or its devices come in one by one
     */
    public function gather(SiteJob $job, Protocol $protocol, User $person): void
    {
        $gateway = $protocol->rules()->takesManyAtOnce() ? HubOfSlot::main($job, $protocol) : null;
        if ($gateway === null) {
            throw WindowRefused::comesOneByOne($protocol);
        }
        $busy = $this->busy($gateway, $protocol);
        if ($busy?->slot !== null) {
            throw WindowRefused::radioIsTaken($busy, $busy->slot, $protocol, $person);
        }
        if ($busy === null) {
            $window = $this->ask($job, $gateway, $protocol, 'join', null, $person);
            $this->logbook->write($job, $person, 'pair', "Opened the {$protocol->title()} window for whatever is ready.");
            OpenWindow::dispatch($gateway, $window->id);
        }
    }

    /**
     * One more device comes in through a window that is open, where it can be told apart by its model.
     *
     * @throws WindowRefused
     */
    public function alsoFor(SiteJob $job, JoinWindow $window, Slot $slot, User $person): void
    {
        $window = JoinWindow::query()->with('attempts.slot.profile')->whereKey($window->id)->lockForUpdate()->firstOrFail();
        $sheet = JobSheet::of($job);
        $objection = Batches::objection($sheet, $window, $sheet->cards[$slot->key]);
        if ($objection !== null) {
            throw WindowRefused::takesNoMore($slot, $objection);
        }
        $this->begin($job, $slot, $window, $person);
        $this->logbook->write($job, $person, 'pair', "The {$slot->title()} comes in through the same window.", $slot);
    }

    /**
     * The device is taken out of whatever network it is in: any controller of its region can do that.
     *
     * @throws WindowRefused when the radio is taken, or its protocol knows no such window
     */
    public function exclude(SiteJob $job, Slot $slot, User $person): void
    {
        if ($slot->profile()->firstOrFail()->protocol()->rules()->leaving() !== Leaving::Excluded) {
            throw WindowRefused::knowsNoExclusion($slot);
        }
        $window = $this->take($job, $slot, $person, 'exclude');
        $this->logbook->write($job, $person, 'pair', "Opened the exclusion window for the {$slot->title()}.", $slot);
        OpenWindow::dispatch($window->gateway()->firstOrFail(), $window->id);
    }

    /**
     * The hub listens for a key of the remote of a device that only listens itself.
     *
     * @throws WindowRefused when its receiver is taken, or no hub learns for it
     */
    public function listen(SiteJob $job, Slot $slot, string $key, User $person): void
    {
        $window = $this->take($job, $slot, $person, 'learn');
        $window->update(['learns' => $key]);
        OpenWindow::dispatch($window->gateway()->firstOrFail(), $window->id);
    }

    /** The hub listens to a wired bus, for everybody at once; false: it does so already. */
    public function hear(SiteJob $job, Gateway $gateway, User $person): bool
    {
        Gateway::query()->whereKey($gateway->id)->lockForUpdate()->first();
        $isOpen = JoinWindow::query()->where('gateway_id', $gateway->id)->where('kind', 'hear')
            ->whereIn('state', JoinWindow::UNDER_WAY)->exists();
        if (! $isOpen) {
            OpenWindow::dispatch($gateway, $this->ask($job, $gateway, Protocol::WiredBus, 'hear', null, $person)->id);
        }

        return ! $isOpen;
    }

    private function begin(SiteJob $job, Slot $slot, JoinWindow $window, User $person): void
    {
        PairAttempt::query()->create([
            'site_job_id' => $job->id,
            'slot_id' => $slot->id,
            'join_window_id' => $window->id,
            'user_id' => $person->id,
            'state' => AttemptState::Waiting,
            'missing' => [],
            'margin_db' => Forecast::query()
                ->where('slot_id', $slot->id)
                ->where('plan_version', $job->plan_version)
                ->value('parent_margin_db'),
            'started_at' => now(),
        ]);
    }

    /** The radio is this slot’s now. A second try of the same device: the hub ends the old window when it opens the new one. */
    private function take(SiteJob $job, Slot $slot, User $person, string $kind): JoinWindow
    {
        $protocol = $slot->profile()->firstOrFail()->protocol();
        $gateway = HubOfSlot::opening($job, $slot, $protocol) ?? throw WindowRefused::noHubOpensIt($slot);
        $busy = $this->busy($gateway, $protocol);
        if ($busy?->slot !== null && $busy->slot_id !== $slot->id) {
            throw WindowRefused::radioIsTaken($busy, $busy->slot, $protocol, $person);
        }
        if ($busy !== null && $busy->slot_id === null && $busy->attempts->isEmpty() && $busy->user_id !== $person->id) {
            throw WindowRefused::isGathered($busy, $protocol);
        }
        if ($busy !== null) {
            $this->ending->end($busy, AttemptEvent::Replaced, now());
        }

        return $this->ask($job, $gateway, $protocol, $kind, $slot, $person);
    }

    /** The window that has a radio. */
    private function busy(Gateway $gateway, Protocol $protocol): ?JoinWindow
    {
        return JoinWindow::query()
            ->with(['slot', 'user', 'attempts.slot.profile'])
            ->where('gateway_id', $gateway->id)
            ->where('protocol', $protocol)
            ->whereIn('state', JoinWindow::UNDER_WAY)
            ->lockForUpdate()->first();
    }

    private function ask(SiteJob $job, Gateway $gateway, Protocol $protocol, string $kind, ?Slot $slot, User $person): JoinWindow
    {
        return JoinWindow::query()->create([
            'site_job_id' => $job->id,
            'gateway_id' => $gateway->id,
            'reference' => (string) str()->ulid(),
            'slot_id' => $slot?->id,
            'user_id' => $person->id,
            'state' => 'opening',
            'kind' => $kind,
            'protocol' => $protocol,
            'seconds' => $protocol->rules()->longestWindowSeconds() ?? 0,
        ]);
    }
}
