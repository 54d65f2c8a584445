<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Bus\BusProofs;
use App\Bus\JobBus;
use App\JobSheet\HubOfSlot;
use App\Logbook\Logbook;
use App\Models\BusAddress;
use App\Models\BusTelegram;
use App\Models\JoinWindow;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Windows\EndOfWindow;
use Illuminate\Database\Eloquent\Builder;
use Kavvel\Core\Bus\BusFunction;
use Kavvel\Core\Bus\ControlPoint;
use Kavvel\Core\Protocol\Protocol;

/** A linked hub listens to the wired bus: who speaks there is let in, and what is switched there tells its state. */
final readonly class BusListening
{
    public function __construct(
        private JoinWindows $windows,
        private EndOfWindow $ending,
        private BusProject $project,
        private HandPairings $pairings,
        private BusProofs $proofs,
        private Logbook $logbook,
    ) {}

    public function isUnderWay(SiteJob $job): bool
    {
        return $this->open($job)->exists();
    }

    /** @throws BusRefused where no hub hears it */
    public function begin(SiteJob $job, User $person): void
    {
        $gateway = HubOfSlot::main($job, Protocol::WiredBus) ?? throw BusRefused::noHubHears();
        if ($this->windows->hear($job, $gateway, $person)) {
            $this->logbook->write($job, $person, 'pair', "{$gateway->name} listens to the bus.");
        }
    }

    public function end(SiteJob $job, User $person): void
    {
        foreach ($this->open($job)->get() as $window) {
            $this->ending->close($window);
            $this->logbook->write($job, $person, 'pair', 'Nobody listens to the bus any more.');
        }
    }

    /** @throws BusRefused */
    public function switch(SiteJob $job, string $name, bool $isOn, User $person): void
    {
        $bus = JobBus::of($job);
        if (! $bus->isListening() || $bus->listening === null) {
            throw BusRefused::nobodyListens();
        }
        $address = BusAddress::query()->where('site_job_id', $job->id)->where('function', BusFunction::Switch)->lockForUpdate()->get()
            ->first(static fn (BusAddress $one): bool => ControlPoint::key($one->point) === ControlPoint::key($name))
            ?? throw BusRefused::isNotSwitched($name);
        $value = $isOn ? 'on' : 'off';
        $address->update(['sent_reference' => (string) str()->ulid(), 'sent_value' => $value, 'send_refused' => null]);
        $this->logbook->write($job, $person, 'pair', "Said “{$value}” at {$address->address} of the bus, “{$address->point}”.");
        SayOnBus::dispatch($bus->listening->gateway, (string) $address->sent_reference);
    }

    /**
     * What has just been heard is this planned device: it is in.
     *
     * @throws BusRefused|HandPairingRefused
     */
    public function takeIn(SiteJob $job, string $name, Slot $slot, User $person): void
    {
        $profile = $slot->profile()->firstOrFail()->core($job->region);
        if ($profile->protocol !== Protocol::WiredBus) {
            throw BusRefused::isNoDevice($slot);
        }
        $this->project->match($job, $name, $slot, $person);
        $bus = JobBus::of($job);
        $point = $bus->point($name) ?? throw BusRefused::isGone($name);
        $entry = $point->heard->heardOf($profile->isActuator());
        $isFresh = $entry !== null && $bus->telegrams->contains(
            static fn (BusTelegram $one): bool => $one->number === $entry->address->number,
        );
        if (! $isFresh) {
            throw BusRefused::isNotHeard($slot, $point->name());
        }
        $this->pairings->record($job, $slot, $entry->address->text, $person, 'Heard on the bus');
        $this->proofs->show($job, $slot->refresh(), $point);
    }

    /** @return Builder<JoinWindow> */
    private function open(SiteJob $job): Builder
    {
        return JoinWindow::query()->where('site_job_id', $job->id)->where('kind', 'hear')->whereIn('state', JoinWindow::UNDER_WAY);
    }
}
