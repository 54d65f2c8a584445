<?php

declare(strict_types=1);

namespace Kavvel\Standin\Joining;

use Kavvel\Core\Pairing\Failure;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Fault;
use Kavvel\Standin\House\Gesture;
use Kavvel\Standin\House\World;
use Kavvel\Standin\Hub\Hub;

/** How devices get ready to be found, are found, let in, asked what they can do, and get out again. */
final readonly class Joining
{
    private const STEP_MS = 700;

    /** A device that falls asleep does so after this many steps */
    private const SLEEPS_AFTER = 2;

    private const RESET_LIGHT_MS = 3000;

    private const JOINED_LIGHT_MS = 2500;

    /** One on the SmartStart list is back so soon */
    private const RETURNS_MS = 6000;

    /** A hub waits so long for the PIN (Z-Wave S2: 240 s) */
    private const PIN_MS = 240_000;

    public function __construct(private World $world, private Hub $hub, private Reports $reports, private Bridging $bridging) {}

    public function gesture(DeviceState $state, Gesture $gesture): void
    {
        $recipe = $state->device->profile->recipe;
        if ($this->bridging->bridge($state) !== null) {
            $this->reports->trigger($state);

            return;
        }
        $protocol = $state->device->profile->protocol;
        $isMeant = $recipe !== null && ($gesture->joins($recipe) || $gesture->leaves($recipe));
        if ($state->fault === Fault::FlatBattery || ! $state->hasPower() || $recipe === null) {
            $state->light = 'off';
        } elseif ($isMeant && $protocol === Protocol::ZWave && $this->hub->isOpen($protocol, 'exclude')) {
            $this->exclude($state);
        } elseif ($gesture->leaves($recipe)) {
            $this->reset($state);
        } elseif ($gesture->joins($recipe)) {
            $this->start($state);
        } elseif ($gesture->isHeldTooLong($recipe)) {
            $state->light = 'held';
        }
    }

    /** The hub lets it go, or it goes. */
    public function leave(?DeviceState $state): void
    {
        if ($state !== null) {
            $state->phase = 'out';
            $state->light = 'off';
            $state->label = null;
            $this->hub->emit('device.left', ['address' => $state->device->address]);
            $this->bridging->left($state);
        }
    }

    /** Whoever waits to be found looks for the network anew. */
    public function windowOpened(Protocol $protocol): void
    {
        foreach ($this->world->devices as $state) {
            if ($state->phase === 'pairing' && $state->device->profile->protocol === $protocol) {
                $this->seek($state);
            }
        }
    }

    /** @param array<string, mixed> $what happens by itself */
    public function happens(array $what): void
    {
        $state = $this->world->devices[$what['device']];
        $isStale = $state->round !== $what['round'];
        match (true) {
            $what['do'] === 'interviewing' => $this->hub->emit(
                'device.interviewing',
                ['address' => $state->device->address, 'done' => $what['done'], 'total' => $this->script($state)->steps],
            ),
            $isStale => null,
            $what['do'] === 'light-goes-out' => $state->light = 'off',
            $what['do'] === 'pairing-ends' => $this->giveUp($state),
            $what['do'] === 'announces' => $this->announce($state),
            $what['do'] === 'stage' => $this->stage($state, (string) $what['stage']),
            $what['do'] === 'returns' => $this->comeBack($state),
            $what['do'] === 'pin-ends' => $state->pin === null ? $this->fail($state, Failure::CodeMissing) : null,
            $what['do'] === 'interview-ends' => $this->interviewed($state, $what['done']),
            default => null,
        };
    }

    private function script(DeviceState $state): Script
    {
        return Script::of($state->device->profile->protocol);
    }

    private function reset(DeviceState $state): void
    {
        $state->fault = $state->fault?->endsWithReset() === true ? null : $state->fault;
        if ($state->isIn()) {
            $this->leave($state);
        }
        $state->light = 'steady';
        $state->phase = 'out';
        $state->round++;
        $this->after($state, self::RESET_LIGHT_MS, 'light-goes-out');
    }

    /** Near enough, and made for the region of the hub. */
    private function isHeard(DeviceState $state): bool
    {
        return $state->fault !== Fault::WrongRegion && $state->device->profile->suits($this->world->house->region)
            && $this->world->hears($state);
    }

    /** Any controller of its region can do it, whoever had it before. */
    private function exclude(DeviceState $state): void
    {
        if (! $this->isHeard($state)) {
            $state->light = 'blinking';

            return;
        }
        $wasOurs = $state->isIn();
        $this->hub->emit('device.excluded', [
            'window' => $this->hub->windows[Protocol::ZWave->value]['ref'] ?? '',
            'address' => $wasOurs ? $state->device->address : null,
        ]);
        $this->reset($state);
        $this->hub->closeWindow($this->hub->windows[Protocol::ZWave->value]['ref'] ?? '', 'done');
        if (in_array($state->device->key, $this->hub->smartStart, true)) {
            $this->after($state, self::RETURNS_MS, 'returns');
        }
    }

    private function start(DeviceState $state): void
    {
        if ($state->phase === 'joined') {
            $this->reports->trigger($state);

            return;
        }
        if ($state->fault === Fault::OwnedElsewhere) {
            $state->light = 'double';

            return;
        }
        if ($state->fault === Fault::LowBattery) {
            $state->light = 'low';

            return;
        }
        $state->phase = 'pairing';
        $state->pin = null;
        $state->light = 'blinking';
        $state->round++;
        $this->after($state, $this->script($state)->waitsMs(), 'pairing-ends');
        $this->seek($state);
    }

    /** Something else is wrong with it from now on: whatever it had begun before is over. */
    public function plant(DeviceState $state, ?Fault $fault): void
    {
        $state->fault = $fault;
        $this->giveUp($state);
    }

    private function giveUp(DeviceState $state): void
    {
        if ($state->phase === 'pairing') {
            $state->phase = 'out';
            $state->light = 'off';
        }
    }

    private function seek(DeviceState $state): void
    {
        if ($this->isHeard($state) && $this->hub->isOpen($state->device->profile->protocol, 'join')) {
            $this->after($state, $this->script($state)->announcesAfterMs($state->fault), 'announces');
        }
    }

    private function announce(DeviceState $state): void
    {
        $window = $this->hub->windows[$state->device->profile->protocol->value] ?? null;
        if ($state->phase !== 'pairing' || $window === null || $window['kind'] !== 'join') {
            return;
        }
        if ($state->device->code?->isFoundBy($window['code']) === false) {
            $this->hub->emit('device.seen', ['window' => $window['ref']]);

            return;
        }
        if ($state->fault === Fault::CodeUsed) {
            $this->hub->emit('device.failed', ['window' => $window['ref'], 'address' => null, 'reason' => Failure::NotOpen->value]);

            return;
        }
        if ($state->fault === Fault::Crowded) {
            $this->announceStranger($window['ref']);

            return;
        }
        $state->phase = 'interviewing';
        $this->hub->emit('device.announced', ['window' => $window['ref'], 'address' => $state->device->address]);
        if ($state->fault === Fault::TwoAtOnce) {
            $this->announceStranger($window['ref']);
        }
        $this->next($state, null);
    }

    /** Somebody else's device that is also pairing: it announces, and is never interviewed. */
    private function announceStranger(string $window): void
    {
        $this->hub->emit('device.announced', [
            'window' => $window,
            'address' => '02A7C3FFFF'.substr(strtoupper(hash('sha256', (string) $this->world->house->seed)), 0, 6),
        ]);
    }

    /** On to the stage after this one, or to the interview. */
    private function next(DeviceState $state, ?string $stage): void
    {
        $stages = $this->script($state)->stages;
        $names = array_keys($stages);
        $next = $names[$stage === null ? 0 : (int) array_search($stage, $names, true) + 1] ?? null;
        $next === null ? $this->interview($state) : $this->after($state, $stages[$next], 'stage', stage: $next);
    }

    private function stage(DeviceState $state, string $stage): void
    {
        $window = $this->hub->windows[$state->device->profile->protocol->value] ?? null;
        $code = $window['code'] ?? $state->code;
        $state->code = $code;
        if ($stage === 'secured' && $this->asksForPin($state, $code)) {
            $this->hub->emit('device.asks', [
                'window' => $window['ref'] ?? '', 'address' => $state->device->address, 'dsk' => $state->device->code?->partialDsk() ?? '',
            ]);
            $this->after($state, self::PIN_MS, 'pin-ends');

            return;
        }
        $failure = $this->script($state)->failure($stage, $state, $code);
        if ($failure !== null) {
            $this->fail($state, $failure);

            return;
        }
        $address = $state->device->address;
        if ($stage === 'secured') {
            $this->secured($state, $code === [] ? 'default-key' : 'code');

            return;
        }
        $this->hub->emit('device.networked', ['address' => $address]);
        $this->next($state, $stage);
    }

    /** It stands on the list of those that come in by themselves. */
    private function comeBack(DeviceState $state): void
    {
        if ($state->phase === 'out' && in_array($state->device->key, $this->hub->smartStart, true)) {
            $state->phase = 'joined';
            $this->hub->emit('device.joined', NodeEntry::of($state));
        }
    }

    /** Somebody has typed what its sticker begins with. */
    public function pinGiven(string $window, string $pin): void
    {
        foreach ($this->world->devices as $state) {
            $isAsked = $state->phase === 'interviewing' && $state->pin === null
                && ($this->hub->windows[$state->device->profile->protocol->value]['ref'] ?? null) === $window;
            if ($isAsked && $this->asksForPin($state, [])) {
                $state->pin = $pin;
                $state->device->code?->hasPin($pin) === true ? $this->secured($state, 'pin') : $this->fail($state, Failure::CodeRefused);
            }
        }
    }

    /** @param array{kind?: string, value?: string} $code that its window was opened with */
    private function asksForPin(DeviceState $state, array $code): bool
    {
        return $code === [] && $state->device->profile->protocol === Protocol::ZWave
            && $state->device->profile->codeSheet?->isNeeded === true;
    }

    private function secured(DeviceState $state, string $with): void
    {
        $this->hub->emit('device.secured', ['address' => $state->device->address, 'with' => $with]);
        $this->next($state, 'secured');
    }

    private function fail(DeviceState $state, Failure $failure): void
    {
        $state->phase = 'out';
        $state->light = 'off';
        $network = Script::network($state->fault);
        $this->hub->emit('device.failed', [
            'window' => $this->hub->windows[$state->device->profile->protocol->value]['ref'] ?? null,
            'address' => $state->device->address,
            'reason' => $failure->value,
            ...($network === [] ? [] : ['network' => $network]),
        ]);
    }

    private function interview(DeviceState $state): void
    {
        $total = $this->script($state)->steps;
        $isCut = ($state->fault === Fault::HalfInterview && ! $state->triedOnce) || $state->fault === Fault::BreaksOff;
        $steps = $isCut ? self::SLEEPS_AFTER : $total;
        $state->triedOnce = true;
        for ($done = 1; $done <= $steps; $done++) {
            $this->after($state, $done * self::STEP_MS, 'interviewing', $done);
        }
        $this->after($state, $steps * self::STEP_MS + 400, 'interview-ends', $steps);
    }

    private function interviewed(DeviceState $state, int $done): void
    {
        $total = $this->script($state)->steps;
        if ($state->fault === Fault::BreaksOff) {
            $this->fail($state, Failure::TimedOut);

            return;
        }
        if ($done < $total || $state->fault === Fault::Unsupported) {
            $state->phase = 'in-part';
            $state->light = $done < $total ? 'off' : 'steady';
            $this->hub->emit('device.incomplete', [
                'address' => $state->device->address,
                'protocol' => $state->device->profile->protocol->value,
                'model' => $state->device->profile->model,
                'done' => $done,
                'total' => $total,
                'capabilities' => NodeEntry::IN_PART,
            ]);

            return;
        }
        $state->phase = 'joined';
        $state->light = 'steady';
        $this->hub->emit('device.joined', NodeEntry::of($state));
        $this->bridging->joined($state);
        $this->after($state, self::JOINED_LIGHT_MS, 'light-goes-out');
    }

    private function after(DeviceState $state, int $milliseconds, string $do, int $done = 0, ?string $stage = null): void
    {
        $this->world->after($milliseconds, $do, [
            'device' => $state->device->key, 'round' => $state->round, 'done' => $done, ...($stage === null ? [] : ['stage' => $stage]),
        ]);
    }
}
