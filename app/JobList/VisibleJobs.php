<?php

declare(strict_types=1);

namespace App\JobList;

use App\Models\Node;
use App\Models\Role;
use App\Models\SiteJob;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The jobs that a person sees, the one of today first. */
final readonly class VisibleJobs
{
    private const ORDER = ['commissioning', 'survey', 'aftercare'];

    /** @return list<array{job: SiteJob, slots: int, in: int, snags: int, questions: int}> */
    public function for(User $user): array
    {
        $jobs = $this->of($user)->whereNull('archived_at')->withCount([
            'slots',
            'slots as slots_in_count' => static fn (Builder $slots) => $slots->whereRelation('node', 'state', '!=', Node::LEFT),
            'snags as open_snags_count' => static fn (Builder $snags) => $snags->where('state', 'open'),
            'questions as open_questions_count' => static fn (Builder $questions) => $questions->whereNull('answered_at'),
        ])->orderBy('name')->get();
        $sorted = $jobs->sortBy(static fn (SiteJob $job): int => (int) array_search($job->stage, self::ORDER, true));

        return array_values($sorted->map(static fn (SiteJob $job): array => [
            'job' => $job,
            'slots' => (int) $job->getAttribute('slots_count'),
            'in' => (int) $job->getAttribute('slots_in_count'),
            'snags' => (int) $job->getAttribute('open_snags_count'),
            'questions' => (int) $job->getAttribute('open_questions_count'),
        ])->all());
    }

    /** @return Collection<int, SiteJob> */
    public function archivedFor(User $user): Collection
    {
        return $this->of($user)->whereNotNull('archived_at')->orderBy('name')->get();
    }

    /** @return Builder<SiteJob> */
    private function of(User $user): Builder
    {
        return SiteJob::query()->when(
            $user->role === Role::Technician,
            static fn (Builder $jobs) => $jobs->whereHas('users', static fn (Builder $users) => $users->whereKey($user->id)),
        );
    }
}
