<?php

declare(strict_types=1);

namespace App\Stations\Survey\Questions;

use App\Models\Question;
use App\Models\SiteJob;
use DateTimeImmutable;
use Kavvel\Core\Questions\QuestionList;
use Kavvel\Core\Questions\QuestionState;

/** What other people have to answer on a job, in the order in which it is due. */
final readonly class QuestionsSheet
{
    /**
     * @param  list<QuestionState>  $states
     * @param  array<string, Question>  $rows  by key
     */
    private function __construct(public array $states, public array $rows) {}

    public static function of(SiteJob $job): self
    {
        $rows = Question::query()->where('site_job_id', $job->id)->with('closing')->orderBy('id')->get();

        return new self(
            QuestionList::of(
                array_values($rows->map(static fn (Question $one) => $one->core())->all()),
                new DateTimeImmutable(now()->onSite()->toDateString()),
            ),
            $rows->keyBy('key')->all(),
        );
    }

    public function state(string $key): ?QuestionState
    {
        return array_values(array_filter($this->states, static fn (QuestionState $one): bool => $one->question->key === $key))[0] ?? null;
    }

    public function next(): ?QuestionState
    {
        return $this->open()[0] ?? null;
    }

    /** @return list<QuestionState> */
    public function open(): array
    {
        return array_values(array_filter($this->states, static fn (QuestionState $one): bool => $one->question->isOpen()));
    }

    /** @return list<QuestionState> */
    public function answered(): array
    {
        return array_values(array_filter($this->states, static fn (QuestionState $one): bool => ! $one->question->isOpen()));
    }

    /** @return list<QuestionState> */
    public function before(string $closing): array
    {
        return array_values(array_filter(
            $this->states,
            static fn (QuestionState $one): bool => $one->question->closing?->key === $closing,
        ));
    }

    /** The one that was asked of it, answered or not. */
    public function about(string $about): ?QuestionState
    {
        return array_values(array_filter($this->states, static fn (QuestionState $one): bool => $one->question->about === $about))[0]
            ?? null;
    }
}
