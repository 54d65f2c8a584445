<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;
use App\Models\TemporaryState;

final readonly class TemporaryStates extends Section
{
    public function key(): string
    {
        return 'temporaryStates';
    }

    public function write(SiteJob $job): array
    {
        return $job->temporaryStates()->with('slot')->orderBy('id')->get()->map(static fn (TemporaryState $one): array => [
            'key' => $one->key, 'slot' => $one->slot?->key, 'what' => $one->what, 'openedBy' => $one->opened_by,
            'openedAt' => self::time($one->opened_at), 'closeBy' => $one->close_by?->toDateString(), 'closedBy' => $one->closed_by,
            'closedAt' => self::time($one->closed_at),
            ...$one->ends_at === null ? [] : ['endsAt' => self::time($one->ends_at)],
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            TemporaryState::query()->create([
                'site_job_id' => $reading->job->id, 'key' => $row['key'], 'slot_id' => $reading->id('slots', $row['slot'] ?? null),
                'what' => $row['what'], 'opened_by' => $row['openedBy'], 'opened_at' => $reading->time($row['openedAt']),
                'close_by' => isset($row['closeBy']) ? $reading->date($row['closeBy']) : null, 'closed_by' => $row['closedBy'] ?? null,
                'closed_at' => $reading->time($row['closedAt'] ?? null), 'ends_at' => $reading->time($row['endsAt'] ?? null),
            ]);
        }
    }
}
