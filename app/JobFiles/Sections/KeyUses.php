<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\KeyUse;
use App\Models\SiteJob;

final readonly class KeyUses extends Section
{
    public function key(): string
    {
        return 'keyUses';
    }

    public function write(SiteJob $job): array
    {
        return $job->keyUses()->with('circuit')->orderBy('id')->get()->map(static fn (KeyUse $one): array => [
            'control' => $one->control, 'number' => $one->number, 'press' => $one->press->value, 'circuit' => $one->circuit->key,
            'effect' => $one->effect->value, 'way' => $one->way->value, 'room' => $one->room ?: null,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, KeyUse::class, array_map(static fn (array $row): array => [
            'control' => $row['control'], 'number' => $row['number'], 'press' => $row['press'],
            'circuit_id' => $reading->id('circuits', $row['circuit']), 'effect' => $row['effect'], 'way' => $row['way'],
            'room' => $row['room'] ?? '',
        ], $rows));
    }
}
