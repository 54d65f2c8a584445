<?php

declare(strict_types=1);

namespace App\JobSheet;

use App\Models\Role;
use App\Models\SiteJob;
use App\Models\User;

/** The jobs that a person sees, the one of today first. */
final readonly class VisibleJobs
{
    private const ORDER = ['commissioning', 'survey', 'aftercare'];

    /** @return list<array{job: SiteJob, slots: int, in: int, snags: int, questions: int}> */
    public function for(User $user): array
    {
        $jobs = SiteJob::query()
            ->when($user->role === Role::Technician, static fn ($query) => $query->whereHas('users', static fn ($users) => $users->whereKey($user->id)))
            ->withCount([
                'slots',
                'slots as slots_in_count' => static fn ($slots) => $slots->whereNotNull('node_id'),
                'snags as open_snags_count' => static fn ($snags) => $snags->where('state', 'open'),
                'questions as open_questions_count' => static fn ($questions) => $questions->whereNull('answered_at'),
            ])->orderBy('name')->get();

        return array_values($jobs->sortBy(static fn (SiteJob $job): int => (int) array_search($job->stage, self::ORDER, true))->map(static fn (SiteJob $job): array => [
            'job' => $job,
            'slots' => (int) $job->getAttribute('slots_count'),
            'in' => (int) $job->getAttribute('slots_in_count'),
            'snags' => (int) $job->getAttribute('open_snags_count'),
            'questions' => (int) $job->getAttribute('open_questions_count'),
        ])->all());
    }
}
