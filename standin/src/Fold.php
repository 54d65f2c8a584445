<?php

declare(strict_types=1);

namespace Kavvel\Standin;

/**
 * The state of the house at one moment: a pure fold of the house, its seed, the log of what hands and
 * gateway commands did, and time. The same log and time give the same state and the same events.
 *
 * Log entries are arrays with `at` (ms) and `do`; Hands and the gateway link write them.
 */
final class Fold
{
    private const PAIRING_MS = 180_000;

    private const ANNOUNCE_MS = 900;

    private const LATE_MS = 30_000;

    private const STEP_MS = 700;

    private const STEPS = 5;

    private const SLEEPS_AFTER = 2;

    private const READING_STEP_MS = 350;

    private const NO_ANSWER_MS = 3000;

    public string $epoch = '';

    public bool $isPlugged = true;

    public int $now = 0;

    /** @var array<string, DeviceState> by key */
    public array $devices = [];

    /** @var array{ref: string, closesAt: int}|null */
    public ?array $window = null;

    /** @var list<array{sequence: int, at: int, type: string, data: array<string, mixed>}> */
    public array $events = [];

    /** @var array<string, array{at: int, done: bool}> */
    public array $readings = [];

    /** @var array<string, true> command ids that were carried out: a repeated one does nothing */
    private array $commands = [];

    private Timers $timers;

    private readonly Air $air;

    private function __construct(private readonly House $house)
    {
        $this->timers = new Timers;
        $this->air = new Air($house);
        foreach ($house->devices as $key => $device) {
            $this->devices[$key] = new DeviceState($device);
        }
    }

    /** @param list<array<string, mixed>> $log in order of time */
    public static function of(House $house, array $log, int $now): self
    {
        $fold = new self($house);
        foreach ($log as $entry) {
            $fold->runTimers((int) $entry['at']);
            $fold->now = (int) $entry['at'];
            $fold->apply($entry);
        }
        $fold->runTimers($now);
        $fold->now = $now;

        return $fold;
    }

    public function byAddress(string $address): ?DeviceState
    {
        foreach ($this->devices as $state) {
            if ($state->device->address === $address && $state->isIn()) {
                return $state;
            }
        }

        return null;
    }

    public function knowsCommand(string $id): bool
    {
        return isset($this->commands[$id]);
    }

    /** @return list<array{from: string, to: string, marginDb: float}> what the neighbour tables hold */
    public function neighbours(): array
    {
        return $this->air->links($this->devices);
    }

    /** @param array<string, mixed> $entry */
    private function apply(array $entry): void
    {
        $id = $entry['command'] ?? null;
        if (is_string($id)) {
            if (isset($this->commands[$id])) {
                return;
            }
            $this->commands[$id] = true;
        }
        $state = $this->devices[$entry['device'] ?? ''] ?? null;
        match ($entry['do']) {
            'boot' => $this->boot((string) $entry['epoch']),
            'unplug' => $this->isPlugged = false,
            'plug-in' => $this->isPlugged = true,
            'open-window' => $this->openWindow((string) $entry['command'], (int) $entry['seconds']),
            'close-window' => $this->closeWindow((string) $entry['window'], 'asked'),
            'read-mesh' => $this->readMesh((string) $entry['command']),
            'label' => $this->label((string) $entry['address'], (string) $entry['label']),
            'switch' => $this->command((string) $entry['command'], (string) $entry['address'], (string) $entry['value']),
            'remove' => $this->leave($this->byAddress((string) $entry['address'])),
            'fault' => $state === null ? null : $state->fault = Fault::tryFrom((string) $entry['fault']),
            'new-battery' => $state === null ? null : $state->fault = $state->fault === Fault::FlatBattery ? null : $state->fault,
            'trigger' => $state === null ? null : $this->trigger($state),
            'carry' => $state === null ? null : $this->carry($state),
            'put-back' => $state === null ? null : $state->carriedTo = null,
            'plug-at' => $state === null || ! isset($this->house->sockets[$entry['point']
                ?? '']) ? null : $state->carriedTo = $this->house->sockets[$entry['point']]->position,
            'gesture' => $state === null ? null : $this->gesture(
                $state,
                Gesture::by(
                    $state,
                    $this->now,
                    (string) $entry['kind'],
                    (int) ($entry['times'] ?? 1),
                    (float) ($entry['seconds'] ?? 0),
                ),
            ),
            default => null,
        };
    }

    private function boot(string $epoch): void
    {
        $this->epoch = $epoch;
        $this->events = [];
        $this->window = null;
        $this->isPlugged = true;
        $this->emit('gateway.started', []);
    }

    private function openWindow(string $ref, int $seconds): void
    {
        if ($this->window !== null) {
            $this->closeWindow($this->window['ref'], 'replaced');
        }
        $closesAt = $this->now + $seconds * 1000;
        $this->window = ['ref' => $ref, 'closesAt' => $closesAt];
        $this->emit('window.opened', ['window' => $ref, 'kind' => 'join', 'closesAt' => self::time($closesAt)]);
        $this->after($seconds * 1000, fn () => $this->closeWindow($ref, 'time'));
        foreach ($this->devices as $state) {
            if ($state->phase === 'pairing') {
                $this->seekNetwork($state);
            }
        }
    }

    private function closeWindow(string $ref, string $reason): void
    {
        if ($this->window === null || $this->window['ref'] !== $ref) {
            return;
        }
        $this->window = null;
        $this->emit('window.closed', ['window' => $ref, 'reason' => $reason]);
    }

    private function readMesh(string $ref): void
    {
        $routers = count(array_filter(
            $this->devices,
            static fn (DeviceState $state): bool => $state->isIn() && $state->device->profile->isRouter,
        )) + 1;
        $this->readings[$ref] = ['at' => $this->now, 'done' => false];
        for ($done = 1; $done <= $routers; $done++) {
            $this->after(
                $done * self::READING_STEP_MS,
                fn () => $this->emit('reading.progress', ['reading' => $ref, 'done' => $done, 'total' => $routers]),
            );
        }
        $this->after($routers * self::READING_STEP_MS + 50, function () use ($ref): void {
            $this->readings[$ref]['done'] = true;
            $this->emit('reading.done', ['reading' => $ref]);
        });
    }

    private function label(string $address, string $label): void
    {
        $state = $this->byAddress($address);
        if ($state !== null) {
            $state->label = $label;
            $this->emit('label.set', ['address' => $address, 'label' => $label]);
        }
    }

    private function command(string $id, string $address, string $value): void
    {
        $state = $this->byAddress($address);
        if ($state === null || ! $this->hears($state)) {
            $this->after(
                self::NO_ANSWER_MS,
                fn () => $this->emit('command.failed', ['command' => $id, 'address' => $address, 'reason' => 'no answer']),
            );

            return;
        }
        $this->after(300, function () use ($state, $id, $address, $value): void {
            $state->on = $value === 'toggle' ? ! $state->on : $value === 'on';
            $this->emit('command.done', ['command' => $id, 'address' => $address, 'value' => $state->on ? 'on' : 'off']);
        });
    }

    private function leave(?DeviceState $state): void
    {
        if ($state !== null) {
            $state->phase = 'out';
            $state->light = 'off';
            $this->emit('device.left', ['address' => $state->device->address]);
        }
    }

    private function trigger(DeviceState $state): void
    {
        if ($state->fault === Fault::FlatBattery || ! $state->hasPower()) {
            return;
        }
        if ($state->device->profile->isActuator()) {
            $state->on = ! $state->on;
        }
        if ($state->isIn() && $this->hears($state)) {
            [$capability, $value] = $state->device->report();
            $this->emit('device.reported', [
                'address' => $state->device->address,
                'capability' => $capability,
                'value' => $capability === 'on-off' ? ($state->on ? 'on' : 'off') : $value,
            ]);
        }
    }

    private function carry(DeviceState $state): void
    {
        $state->carriedTo = $this->house->besideGateway();
        if ($state->fault === Fault::DropsOff && $state->isIn()) {
            $this->leave($state);
        }
    }

    private function gesture(DeviceState $state, Gesture $gesture): void
    {
        $recipe = $state->device->profile->recipe;
        if ($state->fault === Fault::FlatBattery || ! $state->hasPower() || $recipe === null) {
            $state->light = 'off';
        } elseif ($gesture->leaves($recipe)) {
            $this->reset($state);
        } elseif ($gesture->joins($recipe)) {
            $this->startPairing($state);
        } elseif ($gesture->isLongHold()) {
            $state->light = 'steady';
        }
    }

    private function reset(DeviceState $state): void
    {
        $state->fault = $state->fault === Fault::OwnedElsewhere ? null : $state->fault;
        if ($state->isIn()) {
            $this->leave($state);
        }
        $state->light = 'steady';
        $state->phase = 'out';
        $round = ++$state->round;
        $this->after(3000, static function () use ($state, $round): void {
            if ($state->round === $round) {
                $state->light = 'off';
            }
        });
    }

    private function startPairing(DeviceState $state): void
    {
        if ($state->phase === 'joined') {
            $this->trigger($state);

            return;
        }
        if ($state->fault === Fault::OwnedElsewhere || $state->fault === Fault::WrongRegion) {
            $state->light = 'double';

            return;
        }
        $state->phase = 'pairing';
        $state->light = 'blinking';
        $round = ++$state->round;
        $this->after(self::PAIRING_MS, static function () use ($state, $round): void {
            if ($state->round === $round && $state->phase === 'pairing') {
                $state->phase = 'out';
                $state->light = 'off';
            }
        });
        if ($this->window !== null) {
            $this->seekNetwork($state);
        }
    }

    private function seekNetwork(DeviceState $state): void
    {
        if (! $this->hears($state)) {
            return;
        }
        $round = $state->round;
        $delay = $state->fault === Fault::AnswersLate ? self::LATE_MS : self::ANNOUNCE_MS;
        $this->after($delay, function () use ($state, $round): void {
            if ($state->round !== $round || $state->phase !== 'pairing' || $this->window === null) {
                return;
            }
            $state->phase = 'interviewing';
            $this->emit('device.announced', ['window' => $this->window['ref'], 'address' => $state->device->address]);
            if ($state->fault === Fault::TwoAtOnce) {
                $this->announceStranger();
            }
            $this->interview($state, $round);
        });
    }

    /** Somebody else's device that is also pairing: it announces, and is never interviewed. */
    private function announceStranger(): void
    {
        $this->emit('device.announced', [
            'window' => $this->window['ref'] ?? '',
            'address' => '02A7C3FFFF'.substr(strtoupper(hash('sha256', (string) $this->house->seed)), 0, 6),
        ]);
    }

    private function interview(DeviceState $state, int $round): void
    {
        $address = $state->device->address;
        $stops = $state->fault === Fault::HalfInterview && ! $state->triedOnce ? self::SLEEPS_AFTER : self::STEPS;
        $state->triedOnce = true;
        for ($done = 1; $done <= $stops; $done++) {
            $this->after(
                $done * self::STEP_MS,
                fn () => $this->emit('device.interviewing', ['address' => $address, 'done' => $done, 'total' => self::STEPS]),
            );
        }
        $this->after($stops * self::STEP_MS + 400, function () use ($state, $round, $stops, $address): void {
            if ($state->round !== $round) {
                return;
            }
            $profile = $state->device->profile;
            if ($stops < self::STEPS) {
                $state->phase = 'in-part';
                $state->light = 'off';
                $this->emit('device.incomplete', [
                    'address' => $address,
                    'model' => $profile->model,
                    'done' => $stops,
                    'total' => self::STEPS,
                    'capabilities' => ['battery'],
                ]);

                return;
            }
            $state->phase = 'joined';
            $state->light = 'steady';
            $this->emit('device.joined', $this->node($state));
            $this->after(2500, static function () use ($state): void {
                $state->light = 'off';
            });
        });
    }

    /**
     * @return array{
     *     address: string, protocol: string, model: string, firmware: string, role: string, capabilities: list<string>, power: string,
     *     label: string|null, state: string,
     * }
     */
    public function node(DeviceState $state): array
    {
        $profile = $state->device->profile;

        return [
            'address' => $state->device->address,
            'protocol' => House::PROTOCOL->value,
            'model' => $profile->model,
            'firmware' => '1.0.'.(hexdec(substr($state->device->address, -1)) % 5),
            'role' => $profile->isRouter ? 'router' : 'end',
            'capabilities' => $state->phase === 'in-part' ? ['battery'] : $profile->capabilities,
            'power' => $profile->power,
            'label' => $state->label,
            'state' => $state->phase,
        ];
    }

    private function hears(DeviceState $state): bool
    {
        return $this->air->reaches($state, $this->devices);
    }

    /** @param array<string, mixed> $data */
    private function emit(string $type, array $data): void
    {
        $this->events[] = ['sequence' => count($this->events) + 1, 'at' => $this->now, 'type' => $type, 'data' => $data];
    }

    /** @param callable(): void $do */
    private function after(int $milliseconds, callable $do): void
    {
        $this->timers->set($this->now + $milliseconds, $do);
    }

    private function runTimers(int $until): void
    {
        $this->timers->run($until, function (int $at): void {
            $this->now = $at;
        });
    }

    public static function time(int $milliseconds): string
    {
        return gmdate('Y-m-d\TH:i:s', intdiv($milliseconds, 1000)).sprintf('.%03dZ', $milliseconds % 1000);
    }
}
