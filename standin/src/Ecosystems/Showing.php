<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Bridging\Copies;
use Kavvel\Core\Bridging\Form;
use Kavvel\Core\Bridging\Removal;
use Kavvel\Core\Bridging\Way;
use Kavvel\Standin\House\World;

/** What ecosystems show: devices appear one after the other, follow what their source is called, and leave with it. */
final readonly class Showing
{
    private const APPEARS_MS = 400;

    public function __construct(
        private World $world,
        private Ecosystems $ecosystems,
        private Contents $contents,
        private Sources $sources,
    ) {}

    /** Whatever happened: what came into a box is on its way to everybody who takes it in, and what left it leaves there. */
    public function settle(): void
    {
        foreach ($this->ecosystems->all as $key => $state) {
            if ($this->isOut($key)) {
                continue;
            }
            foreach ($state->doors as $door) {
                $behind = $this->behind($key, $door);
                $this->follow($key, $state, $door, $behind);
                $this->announce($key, $state, $door, array_keys($behind));
            }
        }
    }

    /** @param array<string, mixed> $what */
    public function appears(array $what): void
    {
        [$key, $device] = [(string) $what['into'], (string) $what['device']];
        $state = $this->ecosystems->all[$key];
        $door = $state->doors[$what['door']] ?? null;
        $way = $door === null ? null : $this->behind($key, $door)[$device] ?? null;
        if ($door !== null) {
            $door->coming = array_values(array_diff($door->coming, [$device]));
        }
        $sheet = $this->world->house->premises->ecosystems[$key]->sheet;
        $isWanted = $door !== null && $way !== null && ! $this->has($state, $door, $device) && ! in_array($device, $door->deleted, true);
        if (! $isWanted || $this->isOut($key)) {
            return;
        }
        if ($sheet->mostDevices !== null && count($state->entries) >= $sheet->mostDevices) {
            $state->says = "It takes {$sheet->mostDevices} devices and no more.";

            return;
        }
        [$name, $room] = $this->carried($key, $device, $way);
        $id = sprintf('%s-%03d', $key, ++$state->made);
        $state->entries[$id] = new Entry(
            $id,
            $device,
            $door->key(),
            $this->world->now,
            $this->freeName($state, $name),
            $room,
            $way->keeps(),
            $this->sources->name($device),
        );
    }

    /**
     * One is deleted in the ecosystem, which does it in its own manner.
     *
     * @return list<string>|null ids of all that went; null: it is not offered
     */
    public function delete(string $key, string $id): ?array
    {
        $state = $this->ecosystems->all[$key];
        $entry = $state->entries[$id];
        $door = $state->doors[$entry->door];
        $removal = $this->world->house->premises->ecosystems[$key]->sheet->removal;
        $isBridged = $door->form === Form::MATTER_BRIDGE;
        if ($isBridged && $removal === Removal::NotOffered) {
            return null;
        }
        if ($isBridged && $removal === Removal::Bridge) {
            return $this->close($key, $door->key());
        }
        $door->deleted[] = $entry->device;
        unset($state->entries[$id]);
        if ($door->device !== null) {
            unset($state->doors[$door->key()]);
        }

        return [$id];
    }

    /** @return list<string> ids of all that went with a door */
    public function close(string $key, string $door): array
    {
        $state = $this->ecosystems->all[$key];
        unset($state->doors[$door]);
        $gone = array_keys(array_filter($state->entries, static fn (Entry $one): bool => $one->door === $door));
        $state->entries = array_diff_key($state->entries, array_flip($gone));

        return $gone;
    }

    /** Somebody took it out of what its box shows: if it comes back, it comes as a new one. */
    public function forgetDeleted(string $device): void
    {
        foreach ($this->ecosystems->all as $state) {
            foreach ($state->doors as $door) {
                $door->deleted = array_values(array_diff($door->deleted, [$device]));
            }
        }
    }

    /** Its own servers, or the line to them, are away. */
    public function isOut(string $key): bool
    {
        $needs = $this->world->house->premises->ecosystems[$key]->sheet->needsInternet;

        return $this->ecosystems->all[$key]->isDown || ($needs && ! $this->ecosystems->hasInternet);
    }

    /** @return array<string, Way> by key of the device */
    private function behind(string $key, Door $door): array
    {
        return $this->contents->behind($door, $this->world->house->premises->ecosystems[$key]->ecosystem());
    }

    /** @param array<string, Way> $behind */
    private function follow(string $key, EcosystemState $state, Door $door, array $behind): void
    {
        foreach ($state->entries as $id => $entry) {
            if ($entry->door !== $door->key()) {
                continue;
            }
            $way = $behind[$entry->device] ?? null;
            if ($way === null) {
                unset($state->entries[$id]);

                continue;
            }
            $entry->can = $way->keeps();
            $source = $this->sources->name($entry->device);
            $follows = $this->world->house->premises->ecosystems[$key]->sheet->followsNames && ! $entry->isRenamedHere;
            if ($follows && $source !== null && $source !== $entry->source) {
                [$entry->name, $entry->source] = [$this->freeName($state, $this->cut($key, $source)), $source];
            }
        }
    }

    /** @param list<int|string> $devices */
    private function announce(string $key, EcosystemState $state, Door $door, array $devices): void
    {
        $number = count($door->coming);
        foreach ($devices as $device) {
            $device = (string) $device;
            $isKnown = $this->has($state, $door, $device) || in_array($device, [...$door->coming, ...$door->deleted], true);
            if (! $isKnown) {
                $door->coming[] = $device;
                $this->world->after(
                    ++$number * self::APPEARS_MS + $state->lagSeconds * 1000,
                    'shows',
                    ['into' => $key, 'door' => $door->key(), 'device' => $device],
                );
            }
        }
    }

    private function has(EcosystemState $state, Door $door, string $device): bool
    {
        return array_filter($state->entriesOf($device), static fn (Entry $one): bool => $one->door === $door->key()) !== [];
    }

    /** @return array{string, string|null} name and room with which it arrives */
    private function carried(string $key, string $device, Way $way): array
    {
        $copies = Copies::along($way);
        $placed = $this->sources->device($device)->device;
        $name = $copies->hasName() ? $this->sources->name($device) : null;

        return [
            $this->cut($key, $name ?? $placed->profile->model),
            $copies->hasRoom() ? $this->world->house->premises->room($placed->room) : null,
        ];
    }

    private function cut(string $key, string $name): string
    {
        $most = $this->world->house->premises->ecosystems[$key]->sheet->nameLength;

        return $most === null ? $name : mb_substr($name, 0, $most);
    }

    private function freeName(EcosystemState $state, string $name): string
    {
        $taken = array_map(static fn (Entry $one): string => $one->name, $state->entries);
        $free = $name;
        for ($n = 2; in_array($free, $taken, true); $n++) {
            $free = "{$name} {$n}";
        }

        return $free;
    }
}
