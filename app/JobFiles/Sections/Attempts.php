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
            ...array_filter([
                'reached' => $one->reached?->value, 'failure' => $one->failure?->value, 'network' => $one->network,
                'securedWith' => $one->secured_with, 'otherSeen' => $one->other_seen ? true : null,
                'strangers' => $one->strangers === 0 ? null : $one->strangers, 'lightAt' => self::time($one->light_at),
            ], static fn (mixed $said): bool => $said !== null),
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
                'reached' => $row['reached'] ?? null,
                'failure' => $row['failure'] ?? null,
                'network' => $row['network'] ?? null,
                'secured_with' => $row['securedWith'] ?? null,
                'other_seen' => $row['otherSeen'] ?? false,
                'strangers' => $row['strangers'] ?? 0,
                'light_at' => $reading->time($row['lightAt'] ?? null),
                'margin_db' => $row['marginDb'] ?? null,
                'started_at' => $reading->time($row['startedAt']),
                'ended_at' => $reading->time($row['endedAt'] ?? null),
            ]);
        }
    }
}
