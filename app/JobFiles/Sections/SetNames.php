<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SetName;
use App\Models\SiteJob;

final readonly class SetNames extends Section
{
    public function key(): string
    {
        return 'setNames';
    }

    public function write(SiteJob $job): array
    {
        return $job->setNames()->orderBy('id')->get()->map(static fn (SetName $one): array => [
            'slot' => $one->slot_key, 'ecosystem' => $one->ecosystem_key, 'name' => $one->name, 'room' => $one->room, 'by' => $one->set_by,
            'at' => self::time($one->set_at), ...$one->mark === null ? [] : ['mark' => $one->mark],
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, SetName::class, array_map(static fn (array $row): array => [
            'slot_key' => $row['slot'], 'ecosystem_key' => $row['ecosystem'], 'name' => $row['name'], 'room' => $row['room'],
            'mark' => $row['mark'] ?? null, 'set_by' => $row['by'], 'set_at' => $reading->time($row['at']),
        ], $rows));
    }
}
