<?php

declare(strict_types=1);

namespace Kavvel\Standin\Zigbee;

use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Fault;
use Kavvel\Standin\House\Gesture;
use Kavvel\Standin\House\World;
use Kavvel\Standin\Hub\Hub;

/** How a device comes into the network and leaves it: from the gesture over the announcement to the interview. */
final readonly class Pairing
{
    private const PAIRING_MS = 180_000;

    private const ANNOUNCE_MS = 900;

    private const LATE_MS = 30_000;

    private const STEP_MS = 700;

    private const STEPS = 5;

    /** A device that falls asleep does so after this many steps */
    private const SLEEPS_AFTER = 2;

    private const RESET_LIGHT_MS = 3000;

    private const JOINED_LIGHT_MS = 2500;

    public function __construct(private World $world, private Hub $hub, private Reports $reports) {}

    public function gesture(DeviceState $state, Gesture $gesture): void
    {
        $recipe = $state->device->profile->recipe;
        if ($state->fault === Fault::FlatBattery || ! $state->hasPower() || $recipe === null) {
            $state->light = 'off';
        } elseif ($gesture->leaves($recipe)) {
            $this->reset($state);
        } elseif ($gesture->joins($recipe)) {
            $this->start($state);
        } elseif ($gesture->isLongHold()) {
            $state->light = 'steady';
        }
    }

    public function leave(?DeviceState $state): void
    {
        if ($state !== null) {
            $state->phase = 'out';
            $state->light = 'off';
            $this->hub->emit('device.left', ['address' => $state->device->address]);
        }
    }

    /** Whoever waits to be found looks for the network anew. */
    public function windowOpened(): void
    {
        foreach ($this->world->devices as $state) {
            if ($state->phase === 'pairing') {
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
                ['address' => $state->device->address, 'done' => $what['done'], 'total' => self::STEPS],
            ),
            $isStale => null,
            $what['do'] === 'light-goes-out' => $state->light = 'off',
            $what['do'] === 'pairing-ends' => $this->giveUp($state),
            $what['do'] === 'announces' => $this->announce($state),
            $what['do'] === 'interview-ends' => $this->interviewed($state, $what['done']),
            default => null,
        };
    }

    private function reset(DeviceState $state): void
    {
        $state->fault = $state->fault === Fault::OwnedElsewhere ? null : $state->fault;
        if ($state->isIn()) {
            $this->leave($state);
        }
        $state->light = 'steady';
        $state->phase = 'out';
        $state->round++;
        $this->after($state, self::RESET_LIGHT_MS, 'light-goes-out');
    }

    private function start(DeviceState $state): void
    {
        if ($state->phase === 'joined') {
            $this->reports->trigger($state);

            return;
        }
        if ($state->fault === Fault::OwnedElsewhere || $state->fault === Fault::WrongRegion) {
            $state->light = 'double';

            return;
        }
        $state->phase = 'pairing';
        $state->light = 'blinking';
        $state->round++;
        $this->after($state, self::PAIRING_MS, 'pairing-ends');
        if ($this->hub->window !== null) {
            $this->seek($state);
        }
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
        if ($this->world->hears($state)) {
            $this->after($state, $state->fault === Fault::AnswersLate ? self::LATE_MS : self::ANNOUNCE_MS, 'announces');
        }
    }

    private function announce(DeviceState $state): void
    {
        if ($state->phase !== 'pairing' || $this->hub->window === null) {
            return;
        }
        $window = $this->hub->window['ref'];
        $state->phase = 'interviewing';
        $this->hub->emit('device.announced', ['window' => $window, 'address' => $state->device->address]);
        if ($state->fault === Fault::TwoAtOnce) {
            $this->announceStranger($window);
        }
        $this->interview($state);
    }

    /** Somebody else's device that is also pairing: it announces, and is never interviewed. */
    private function announceStranger(string $window): void
    {
        $this->hub->emit('device.announced', [
            'window' => $window,
            'address' => '02A7C3FFFF'.substr(strtoupper(hash('sha256', (string) $this->world->house->seed)), 0, 6),
        ]);
    }

    private function interview(DeviceState $state): void
    {
        $steps = $state->fault === Fault::HalfInterview && ! $state->triedOnce ? self::SLEEPS_AFTER : self::STEPS;
        $state->triedOnce = true;
        for ($done = 1; $done <= $steps; $done++) {
            $this->after($state, $done * self::STEP_MS, 'interviewing', $done);
        }
        $this->after($state, $steps * self::STEP_MS + 400, 'interview-ends', $steps);
    }

    private function interviewed(DeviceState $state, int $done): void
    {
        if ($done < self::STEPS) {
            $state->phase = 'in-part';
            $state->light = 'off';
            $this->hub->emit('device.incomplete', [
                'address' => $state->device->address,
                'model' => $state->device->profile->model,
                'done' => $done,
                'total' => self::STEPS,
                'capabilities' => NodeEntry::IN_PART,
            ]);

            return;
        }
        $state->phase = 'joined';
        $state->light = 'steady';
        $this->hub->emit('device.joined', NodeEntry::of($state));
        $this->after($state, self::JOINED_LIGHT_MS, 'light-goes-out');
    }

    private function after(DeviceState $state, int $milliseconds, string $do, int $done = 0): void
    {
        $this->world->after($milliseconds, $do, ['device' => $state->device->key, 'round' => $state->round, 'done' => $done]);
    }
}
