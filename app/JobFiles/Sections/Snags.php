<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;
use App\Models\Snag;

final readonly class Snags extends Section
{
    public function key(): string
    {
        return 'snags';
    }

    public function write(SiteJob $job): array
    {
        return $job->snags()->with('slot')->orderBy('id')->get()->map(static fn (Snag $one): array => [
            'key' => $one->key,
            'slot' => $one->slot?->key,
            'text' => $one->text,
            'raisedBy' => $one->raised_by,
            'raisedAt' => self::time($one->raised_at),
            'state' => $one->state,
            'closedBy' => $one->closed_by,
            'acceptedBy' => $one->accepted_by,
            'closedAt' => self::time($one->closed_at),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            Snag::query()->create([
                'site_job_id' => $reading->job->id,
                'key' => $row['key'],
                'slot_id' => $reading->id('slots', $row['slot'] ?? null),
                'text' => $row['text'],
                'raised_by' => $row['raisedBy'],
                'raised_at' => $reading->time($row['raisedAt']),
                'state' => $row['state'],
                'closed_by' => $row['closedBy'] ?? null,
                'accepted_by' => $row['acceptedBy'] ?? null,
                'closed_at' => $reading->time($row['closedAt'] ?? null),
            ]);
        }
    }
}
