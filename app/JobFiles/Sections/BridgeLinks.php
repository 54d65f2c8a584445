<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\BridgeLink;
use App\Models\SiteJob;

/** A window that is open, its code and a key that is carried over stay behind: they are secrets, and of this very moment. */
final readonly class BridgeLinks extends Section
{
    public function key(): string
    {
        return 'bridgeLinks';
    }

    public function write(SiteJob $job): array
    {
        return $job->bridgeLinks()->orderBy('id')->get()->map(static fn (BridgeLink $one): array => [
            'key' => $one->key, 'devices' => $one->devices, 'acts' => $one->acts,
            ...$one->marks === null ? [] : ['marks' => array_map(
                static fn (string $device, string $mark): array => ['device' => $device, 'mark' => $mark],
                array_map(strval(...), array_keys($one->marks)),
                $one->marks,
            )],
            ...$one->ecosystem_key === null ? [] : ['ecosystem' => $one->ecosystem_key], 'madeAt' => self::time($one->made_at),
            ...array_filter([
                'school' => $one->school?->value, 'users' => $one->users, 'usersNotedAt' => self::time($one->users_noted_at),
                'takenOverAt' => self::time($one->taken_over_at), 'reproveFrom' => self::time($one->reprove_from),
            ], static fn (?string $value): bool => $value !== null),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            BridgeLink::query()->create([
                'site_job_id' => $reading->job->id, 'key' => $row['key'], 'devices' => $row['devices'] ?? [],
                'marks' => isset($row['marks']) ? array_column($row['marks'], 'mark', 'device') : null,
                'acts' => $reading->shifted($row['acts']), 'ecosystem_key' => $row['ecosystem'] ?? null,
                'made_at' => $reading->time($row['madeAt'] ?? null), 'school' => $row['school'] ?? null, 'users' => $row['users'] ?? null,
                'users_noted_at' => $reading->time($row['usersNotedAt'] ?? null),
                'taken_over_at' => $reading->time($row['takenOverAt'] ?? null),
                'reprove_from' => $reading->time($row['reproveFrom'] ?? null),
            ]);
        }
    }
}
