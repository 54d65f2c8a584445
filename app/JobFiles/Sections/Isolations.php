<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Isolation;
use App\Models\SiteJob;

final readonly class Isolations extends Section
{
    public function key(): string
    {
        return 'isolations';
    }

    public function write(SiteJob $job): array
    {
        $onThePlan = $job->slots()->pluck('key')->flip();

        return $job->isolations()->with('circuit')->orderBy('id')->get()->map(static fn (Isolation $one): array => [
            'key' => $one->key, 'circuit' => $one->circuit?->key, 'label' => $one->label, 'begunAt' => self::time($one->begun_at),
            'endedAt' => self::time($one->ended_at),
            'work' => [...$one->work, 'boxes' => array_values(array_filter(
                $one->work['boxes'],
                static fn (array $box): bool => $onThePlan->has($box['slot']),
            ))],
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            Isolation::query()->create([
                'site_job_id' => $reading->job->id, 'key' => $row['key'],
                'circuit_id' => $reading->id('circuits', $row['circuit'] ?? null), 'label' => $row['label'],
                'begun_at' => $reading->time($row['begunAt']), 'ended_at' => $reading->time($row['endedAt'] ?? null),
                'work' => $reading->shifted($row['work']),
            ]);
        }
    }
}
