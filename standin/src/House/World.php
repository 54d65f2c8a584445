<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Protocol\Protocol;

/** The house as it stands at one moment: its devices, the air between them, and what is still to happen. */
final class World
{
    public int $now = 0;

    /** @var array<string, DeviceState> by key */
    public array $devices = [];

    /** @var list<array{string, string, string}> device, capability and value that nobody has been told yet */
    private array $changes = [];

    private Timers $timers;

    private readonly Air $air;

    public function __construct(public readonly House $house)
    {
        $this->timers = new Timers;
        $this->air = new Air($house);
        foreach ($house->devices as $key => $device) {
            $this->devices[$key] = new DeviceState($device);
        }
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

    /** @return list<DeviceState> what this bridge has behind it */
    public function behind(DeviceState $bridge): array
    {
        return array_values(array_filter(
            $this->devices,
            static fn (DeviceState $state): bool => $state->device->behind === $bridge->device->key
                && $state->presence !== Presence::Absent,
        ));
    }

    public function hears(DeviceState $state): bool
    {
        $bridge = $this->devices[$state->device->behind ?? ''] ?? null;
        if ($bridge !== null) {
            return $state->presence === Presence::Online && $bridge->isIn() && $this->hears($bridge);
        }

        return $this->air->reaches($state, $this->devices);
    }

    /** @return list<array{from: string, to: string, marginDb: float, marginBackDb?: float}> who hears whom, as a reading finds it */
    public function neighbours(Protocol $protocol, int $reading, int $begunAt): array
    {
        return $this->air->links($this->devices, $protocol, $reading, $begunAt);
    }

    /** @return list<array{address: string, via: list<string>}> over whom the hub goes to each device of a radio */
    public function routes(Protocol $protocol): array
    {
        return $this->air->routes($this->devices, $protocol);
    }

    /** @return list<string> addresses of devices of a radio that have not been awake since then */
    public function asleep(Protocol $protocol, int $since): array
    {
        $asleep = array_filter($this->devices, static fn (DeviceState $state): bool => $state->isIn() && $state->sleeps()
            && $state->device->profile->protocol === $protocol && $state->device->behind === null && $state->spokeAt < $since);

        return array_values(array_map(static fn (DeviceState $state): string => $state->device->address, $asleep));
    }

    /** A device has become something that somebody may see. */
    public function tell(string $device, string $capability, string $value): void
    {
        $this->changes[] = [$device, $capability, $value];
    }

    /** @return list<array{string, string, string}> device, capability and value, each once */
    public function heardChanges(): array
    {
        [$changes, $this->changes] = [$this->changes, []];

        return $changes;
    }

    /** @param array<string, mixed> $with */
    public function after(int $milliseconds, string $do, array $with): void
    {
        $this->timers->set($this->now + $milliseconds, ['do' => $do, ...$with]);
    }

    /** @return array<string, mixed>|null what happens next by itself, if that is by then; the clock goes there */
    public function next(int $until): ?array
    {
        $due = $this->timers->next($until);
        if ($due === null) {
            return null;
        }
        [$this->now, $what] = $due;

        return $what;
    }

    /** @return array<string, mixed> all of it that moves */
    public function kept(): array
    {
        return [
            'now' => $this->now,
            'timers' => $this->timers,
            'devices' => array_map(static fn (DeviceState $state): array => $state->kept(), $this->devices),
        ];
    }

    /** @param array<string, mixed> $kept */
    public function restore(array $kept): void
    {
        $this->now = $kept['now'];
        $this->timers = $kept['timers'];
        foreach ($kept['devices'] as $key => $state) {
            $this->devices[$key]->restore($state);
        }
    }
}
