<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Bridging\Way;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\World;
use Kavvel\Standin\Hub\Hub;

/** What goes from an ecosystem to a device, and what every ecosystem sees of it afterwards. */
final readonly class Sights
{
    private const LOCAL_MS = 80;

    private const CLOUD_MS = 650;

    private const LATE_MS = 150_000;

    /** What is sent to a position, in percent */
    private const POSITIONS = ['tilt'];

    private const REVERSED = [
        'on' => 'off', 'off' => 'on', 'open' => 'closed', 'closed' => 'open', 'locked' => 'unlocked', 'unlocked' => 'locked',
    ];

    public function __construct(
        private World $world,
        private Hub $hub,
        private Ecosystems $ecosystems,
        private Contents $contents,
        private Sources $sources,
    ) {}

    /** Somebody operates a device from an ecosystem; it obeys when the order has come to it. */
    public function order(string $key, string $id, string $capability, string $value): void
    {
        $entry = $this->ecosystems->all[$key]->entries[$id] ?? null;
        $way = $entry === null ? null : $this->way($key, $entry);
        if ($way !== null && $this->isOpen($way)) {
            $made = $this->sources->made($entry->device);
            [$capability, $value] = $made === null ? [$capability, $value] : $made->passesOn($value);
            $this->world->after(
                $this->delay($key, $way),
                'obeys',
                ['order' => $made->device ?? $entry->device, 'capability' => $capability, 'value' => $value],
            );
        }
    }

    /** @param array<string, mixed> $what */
    public function obeys(array $what): void
    {
        $state = $this->world->devices[(string) $what['order']];
        if (! $state->hasPower() || ! $this->isHeard($state)) {
            return;
        }
        $value = (string) $what['value'];
        if ($what['capability'] === 'on-off') {
            $state->on = $value === 'toggle' ? ! $state->on : $value === 'on';
            $value = $state->on ? 'on' : 'off';
        }
        if (in_array($what['capability'], self::POSITIONS, true)) {
            $asked = (int) match ($value) {
                'open' => '100',
                'closed' => '0',
                default => $value,
            };
            $value = $state->moveTo((string) $what['capability'], $asked, "{$this->world->house->seed} {$this->world->now}");
        }
        $state->values[(string) $what['capability']] = $value;
        if ($state->isIn()) {
            $this->hub->emit('device.reported', [
                'address' => $state->device->address, 'capability' => (string) $what['capability'], 'value' => $value,
            ]);
        }
        $this->world->tell($state->device->key, (string) $what['capability'], $value);
    }

    /** A device has become something: everybody who shows it sees that in an own time. */
    public function spread(): void
    {
        $heard = array_map(fn (array $one): array => $this->sources->follow(...$one), $this->world->heardChanges());
        foreach (array_merge(...$heard) as [$device, $capability, $value]) {
            foreach ($this->ecosystems->all as $key => $state) {
                foreach ($state->entriesOf($device) as $entry) {
                    $way = in_array($capability, $entry->can, true) ? $this->way($key, $entry) : null;
                    $sight = $this->world->house->premises->sees($key, $device);
                    if ($way !== null && $this->isOpen($way) && $sight !== Sight::Nothing) {
                        $this->world->after(
                            $this->delay($key, $way) + ($sight === Sight::Late ? self::LATE_MS : 0),
                            'sees',
                            ['seer' => $key, 'entry' => $entry->id, 'capability' => $capability,
                                'value' => $sight === Sight::Reversed ? self::REVERSED[$value] ?? $value : $value],
                        );
                    }
                }
            }
        }
    }

    /** @param array<string, mixed> $what */
    public function sees(array $what): void
    {
        $state = $this->ecosystems->all[(string) $what['seer']];
        $entry = $state->entries[(string) $what['entry']] ?? null;
        if ($entry !== null) {
            $state->seen[] = [
                'number' => count($state->seen) + 1, 'at' => $this->world->now, 'device' => $entry->id,
                'capability' => (string) $what['capability'], 'value' => (string) $what['value'],
            ];
        }
    }

    /** @return list<string> ids of what an ecosystem shows and could reach now */
    public function reachable(string $key): array
    {
        $state = $this->ecosystems->all[$key];
        $ecosystem = $this->world->house->premises->ecosystems[$key]->ecosystem();
        $ways = array_map(fn (Door $door): array => $this->contents->behind($door, $ecosystem), $state->doors);

        return array_values(array_map(strval(...), array_keys(array_filter($state->entries, function (Entry $entry) use ($ways): bool {
            $way = $ways[$entry->door][$entry->device] ?? null;
            $device = $this->sources->device($entry->device);

            return $way !== null && $this->isOpen($way) && $device->hasPower() && $this->isHeard($device);
        }))));
    }

    private function way(string $key, Entry $entry): ?Way
    {
        $door = $this->ecosystems->all[$key]->doors[$entry->door] ?? null;
        $ecosystem = $this->world->house->premises->ecosystems[$key]->ecosystem();

        return $door === null ? null : $this->contents->behind($door, $ecosystem)[$entry->device] ?? null;
    }

    /** Nothing on the way is without power or without the internet. */
    private function isOpen(Way $way): bool
    {
        $hub = $this->world->house->premises->hub;

        return ($way->isLocal || $this->ecosystems->hasInternet) && ($this->hub->isPlugged || ! in_array($hub, $way->via(), true));
    }

    private function isHeard(DeviceState $state): bool
    {
        return ! $state->isIn() || $this->world->hears($state);
    }

    private function delay(string $key, Way $way): int
    {
        $state = $this->ecosystems->all[$key];

        return (int) $way->latencyMs + ($way->isLocal ? self::LOCAL_MS : self::CLOUD_MS) + $state->lagSeconds * 1000;
    }
}
