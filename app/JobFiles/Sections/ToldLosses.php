<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;
use App\Models\ToldLoss;

final readonly class ToldLosses extends Section
{
    public function key(): string
    {
        return 'toldLosses';
    }

    public function write(SiteJob $job): array
    {
        return $job->toldLosses()->orderBy('id')->get()->map(static fn (ToldLoss $one): array => [
            'slot' => $one->slot_key, 'ecosystem' => $one->ecosystem_key, 'because' => $one->because, 'by' => $one->told_by,
            'at' => self::time($one->told_at),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, ToldLoss::class, array_map(static fn (array $row): array => [
            'slot_key' => $row['slot'], 'ecosystem_key' => $row['ecosystem'], 'because' => $row['because'], 'told_by' => $row['by'],
            'told_at' => $reading->time($row['at']),
        ], $rows));
    }
}
