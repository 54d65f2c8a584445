<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\PairAttempt;
use App\Models\SiteJob;

final readonly class Attempts extends Section
{
    public function key(): string
    {
        return 'attempts';
    }

    public function write(SiteJob $job): array
    {
        return $job->pairAttempts()->has('slot')->with(['slot', 'node'])->orderBy('id')->get()->map(static fn (PairAttempt $one): array => [
            'slot' => $one->slot->key,
            'state' => $one->state->value,
            'startedAt' => self::time($one->started_at),
            'endedAt' => self::time($one->ended_at),
            'light' => $one->light?->value,
            'interviewDone' => $one->interview_done,
            'interviewTotal' => $one->interview_total,
            'missing' => $one->missing,
            'marginDb' => $one->margin_db,
            'node' => $one->node?->address,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            PairAttempt::query()->create([
                'site_job_id' => $reading->job->id,
                'slot_id' => $reading->id('slots', $row['slot']),
                'node_id' => $reading->id('nodes', $row['node'] ?? null),
                'state' => $row['state'],
                'light' => $row['light'] ?? null,
                'interview_done' => $row['interviewDone'] ?? 0,
                'interview_total' => $row['interviewTotal'] ?? 0,
                'missing' => $row['missing'] ?? [],
                'margin_db' => $row['marginDb'] ?? null,
                'started_at' => $reading->time($row['startedAt']),
                'ended_at' => $reading->time($row['endedAt'] ?? null),
            ]);
        }
    }
}
