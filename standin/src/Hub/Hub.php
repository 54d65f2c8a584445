<?php

declare(strict_types=1);

namespace Kavvel\Standin\Hub;

use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\World;

/** The hub: its join window, its mesh readings, the commands it was given, and the events that it tells. */
final class Hub
{
    private const READING_STEP_MS = 350;

    private const NO_ANSWER_MS = 3000;

    private const SWITCHING_MS = 300;

    private const MOVING_MS = 1200;

    private const BLINKS_MS = 10_000;

    /** A device that sleeps takes an order so long after it spoke */
    private const AWAKE_MS = 30_000;

    public string $epoch = '';

    public bool $isPlugged = true;

    /** @var array<string, array{ref: string, kind: string, closesAt: int, code: array{kind?: string, value?: string}}> one a radio */
    public array $windows = [];

    /** @var list<array{sequence: int, at: int, type: string, data: array<string, mixed>}> */
    public array $events = [];

    /** @var array<string, array{at: int, done: bool, protocol: string, number: int}> */
    public array $readings = [];

    /** @var array<string, true> ids that were carried out: a repeated one does nothing */
    public array $commands = [];

    /** @var list<string> keys of Z-Wave devices that come in by themselves, whenever they have power and are in no network */
    public array $smartStart;

    public function __construct(private readonly World $world)
    {
        $this->smartStart = $world->house->smartStart;
    }

    public function boot(string $epoch): void
    {
        $this->epoch = $epoch;
        $this->events = [];
        $this->windows = [];
        $this->isPlugged = true;
        $this->emit('gateway.started', []);
    }

    /** @param array{kind?: string, value?: string} $code */
    public function openWindow(string $ref, Protocol $protocol, string $kind, int $seconds, array $code): void
    {
        $before = $this->windows[$protocol->value] ?? null;
        if ($before !== null) {
            $this->closeWindow($before['ref'], 'replaced');
        }
        $closesAt = $this->world->now + $seconds * 1000;
        $this->windows[$protocol->value] = ['ref' => $ref, 'kind' => $kind, 'closesAt' => $closesAt, 'code' => $code];
        $this->emit('window.opened', [
            'window' => $ref, 'protocol' => $protocol->value, 'kind' => $kind, 'closesAt' => self::time($closesAt),
        ]);
        $this->world->after($seconds * 1000, 'window-ends', ['window' => $ref]);
    }

    public function isOpen(Protocol $protocol, string $kind): bool
    {
        return ($this->windows[$protocol->value]['kind'] ?? null) === $kind;
    }

    public function closeWindow(string $ref, string $reason): void
    {
        foreach ($this->windows as $protocol => $window) {
            if ($window['ref'] === $ref) {
                unset($this->windows[$protocol]);
                $this->emit('window.closed', ['window' => $ref, 'reason' => $reason]);
            }
        }
    }

    public function readMesh(string $ref, Protocol $protocol): void
    {
        $routers = count(array_filter(
            $this->world->devices,
            static fn (DeviceState $state): bool => $state->isIn() && $state->device->profile->isRouter
                && $state->device->profile->protocol === $protocol && $state->hasPower(),
        )) + 1;
        $this->readings[$ref] = [
            'at' => $this->world->now, 'done' => false, 'protocol' => $protocol->value, 'number' => count($this->readings) + 1,
        ];
        for ($done = 1; $done <= $routers; $done++) {
            $this->world->after($done * self::READING_STEP_MS, 'mesh-is-read', ['reading' => $ref, 'done' => $done, 'total' => $routers]);
        }
        $this->world->after($routers * self::READING_STEP_MS + 50, 'mesh-was-read', ['reading' => $ref]);
    }

    /** A device that sleeps is awake: what it hears itself belongs to the last reading of its radio. */
    public function woke(DeviceState $state): void
    {
        $protocol = $state->device->profile->protocol->value;
        $last = null;
        foreach ($this->readings as $ref => $reading) {
            $last = $reading['protocol'] === $protocol ? [$ref, $reading] : $last;
        }
        if ($last !== null && $last[1]['done'] && $state->sleeps() && $state->spokeAt < $last[1]['at']) {
            $this->emit('reading.more', ['reading' => (string) $last[0], 'address' => $state->device->address]);
        }
        $state->spokeAt = $this->world->now;
    }

    public function label(string $address, string $label, ?string $location): void
    {
        $state = $this->world->byAddress($address);
        if ($state !== null) {
            $state->label = $label;
            $this->emit('label.set', ['address' => $address, 'label' => $label, ...($location === null ? [] : ['location' => $location])]);
        }
    }

    /** It blinks, so that a person in the house sees which one it is. */
    public function identify(string $command, string $address): void
    {
        $state = $this->world->byAddress($address);
        if ($state === null || ! $this->world->hears($state)) {
            $this->world->after(self::NO_ANSWER_MS, 'no-answer', ['command' => $command, 'address' => $address]);
        } elseif ($state->sleeps() && $this->world->now - $state->spokeAt > self::AWAKE_MS) {
            $this->emit('command.failed', ['command' => $command, 'address' => $address, 'reason' => 'asleep']);
        } else {
            $state->light = 'identify';
            $this->world->after(self::BLINKS_MS, 'blinked', ['device' => $state->device->key]);
            $this->emit('command.done', ['command' => $command, 'address' => $address, 'value' => 'identify']);
        }
    }

    public function switch(string $command, string $address, string $value): void
    {
        $state = $this->world->byAddress($address);
        if ($state === null || ! $this->world->hears($state)) {
            $this->world->after(self::NO_ANSWER_MS, 'no-answer', ['command' => $command, 'address' => $address]);
        } else {
            $this->world->after(
                self::SWITCHING_MS,
                'switched',
                ['command' => $command, 'address' => $address, 'device' => $state->device->key, 'value' => $value],
            );
        }
    }

    /** It is driven to a position, in percent, and tells the one that it has come to. */
    public function move(string $command, string $address, string $capability, int $value): void
    {
        $state = $this->world->byAddress($address);
        if ($state === null || ! $this->world->hears($state)) {
            $this->world->after(self::NO_ANSWER_MS, 'no-answer', ['command' => $command, 'address' => $address]);
        } else {
            $this->world->after(self::MOVING_MS, 'moved', [
                'command' => $command, 'address' => $address, 'device' => $state->device->key,
                'capability' => $capability, 'value' => $value,
            ]);
        }
    }

    /** @param array<string, mixed> $what happens by itself */
    public function happens(array $what): void
    {
        match ($what['do']) {
            'window-ends' => $this->closeWindow($what['window'], 'time'),
            'mesh-is-read' => $this->emit('reading.progress', array_diff_key($what, ['do' => true])),
            'mesh-was-read' => $this->endReading($what['reading']),
            'no-answer' => $this->emit(
                'command.failed',
                ['command' => $what['command'], 'address' => $what['address'], 'reason' => 'no answer'],
            ),
            'sent' => $this->emit('signal.sent', ['command' => $what['command']]),
            'blinked' => $this->blinked($this->world->devices[$what['device']]),
            'switched' => $this->switched($this->world->devices[$what['device']], $what),
            'moved' => $this->moved($this->world->devices[$what['device']], $what),
            default => null,
        };
    }

    /** @param array<string, mixed> $data */
    public function emit(string $type, array $data): void
    {
        $this->events[] = ['sequence' => count($this->events) + 1, 'at' => $this->world->now, 'type' => $type, 'data' => $data];
    }

    public static function time(int $milliseconds): string
    {
        return gmdate('Y-m-d\TH:i:s', intdiv($milliseconds, 1000)).sprintf('.%03dZ', $milliseconds % 1000);
    }

    /** @return array<string, mixed> all of it that moves */
    public function kept(): array
    {
        return array_diff_key(get_object_vars($this), ['world' => true]);
    }

    /** @param array<string, mixed> $kept */
    public function restore(array $kept): void
    {
        foreach ($kept as $name => $value) {
            $this->{$name} = $value;
        }
    }

    private function endReading(string $ref): void
    {
        $this->readings[$ref]['done'] = true;
        $this->emit('reading.done', ['reading' => $ref]);
    }

    private function blinked(DeviceState $state): void
    {
        $state->light = $state->light === 'identify' ? 'off' : $state->light;
    }

    /** @param array<string, mixed> $what */
    private function switched(DeviceState $state, array $what): void
    {
        $state->on = $what['value'] === 'toggle' ? ! $state->on : $what['value'] === 'on';
        $this->world->tell($state->device->key, 'on-off', $state->on ? 'on' : 'off');
        $this->emit(
            'command.done',
            ['command' => $what['command'], 'address' => $what['address'], 'value' => $state->on ? 'on' : 'off'],
        );
    }

    /** @param array<string, mixed> $what */
    private function moved(DeviceState $state, array $what): void
    {
        $capability = (string) $what['capability'];
        $reached = $state->moveTo($capability, (int) $what['value'], "{$this->world->house->seed} {$this->world->now}");
        $this->world->tell($state->device->key, $capability, $reached);
        $this->emit('device.reported', ['address' => $what['address'], 'capability' => $capability, 'value' => $reached]);
        $this->emit('command.done', ['command' => $what['command'], 'address' => $what['address'], 'value' => $reached]);
    }
}
