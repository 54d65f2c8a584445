<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Question;
use App\Models\SiteJob;

final readonly class Questions extends Section
{
    public function key(): string
    {
        return 'questions';
    }

    public function write(SiteJob $job): array
    {
        return $job->questions()->with('closing')->orderBy('id')->get()->map(static fn (Question $one): array => [
            'key' => $one->key,
            'text' => $one->text,
            'owner' => $one->owner,
            'dueOn' => $one->due_on->toDateString(),
            'closing' => $one->closing?->key,
            'trade' => $one->trade,
            'costEffect' => $one->cost_effect,
            'otherwise' => $one->otherwise,
            'about' => $one->about,
            'sources' => $one->sources ?? [],
            'answer' => $one->answer,
            'answeredAt' => self::time($one->answered_at),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            Question::query()->create([
                'site_job_id' => $reading->job->id,
                'key' => $row['key'],
                'text' => $row['text'],
                'owner' => $row['owner'],
                'due_on' => $reading->date($row['dueOn']),
                'closing_id' => $reading->id('closings', $row['closing'] ?? null),
                'trade' => $row['trade'] ?? '',
                'cost_effect' => $row['costEffect'] ?? '',
                'otherwise' => $row['otherwise'],
                'about' => $row['about'] ?? null,
                'sources' => ($row['sources'] ?? []) ?: null,
                'answer' => $row['answer'] ?? null,
                'answered_at' => $reading->time($row['answeredAt'] ?? null),
            ]);
        }
    }
}
