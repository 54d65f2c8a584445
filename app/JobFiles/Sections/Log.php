<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\LogEntry;
use App\Models\SiteJob;

final readonly class Log extends Section
{
    public function key(): string
    {
        return 'log';
    }

    public function write(SiteJob $job): array
    {
        $keys = $job->slots()->pluck('key', 'id');

        return $job->logEntries()->orderBy('id')->get()->map(static fn (LogEntry $one): array => [
            'at' => self::time($one->at),
            'by' => $one->by,
            'kind' => $one->kind,
            'text' => $one->text,
            'slot' => $keys[$one->slot_id] ?? null,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, LogEntry::class, array_map(static fn (array $row): array => [
            'slot_id' => $reading->id('slots', $row['slot'] ?? null),
            'by' => $row['by'],
            'kind' => $row['kind'],
            'text' => $row['text'],
            'at' => $reading->time($row['at']),
        ], $rows));
    }
}
