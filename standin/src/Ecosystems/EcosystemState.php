<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

/** How an ecosystem stands while the fold runs: what it was linked to, and what it shows. */
final class EcosystemState
{
    /** Who signed in */
    public ?string $by = null;

    /** @var list<string> forms for which something had to be switched on or loaded here */
    public array $on = [];

    /** @var array<string, Door> by which devices come in */
    public array $doors = [];

    /** @var array<string, Entry> what it shows, by id */
    public array $entries = [];

    /** @var list<array{number: int, at: int, device: string, capability: string, value: string}> what it saw, oldest first */
    public array $seen = [];

    /** What it last said to whoever held it */
    public string $says = '';

    public int $lagSeconds = 0;

    public bool $isDown = false;

    public int $made = 0;

    /** @return list<Entry> what it shows of a device */
    public function entriesOf(string $device): array
    {
        return array_values(array_filter($this->entries, static fn (Entry $one): bool => $one->device === $device));
    }
}
