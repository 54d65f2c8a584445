<?php

declare(strict_types=1);

namespace App\Stations\Survey\Questions;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\Question;
use App\Models\SiteJob;
use App\Models\User;

/** Writes down what is asked, of whom, and what was answered. */
final readonly class Questions
{
    private const LABELS = [
        'text' => 'Question', 'owner' => 'Who answers', 'trade' => 'Trade', 'cost_effect' => 'What it costs or saves',
        'otherwise' => 'Unanswered', 'due_on' => 'By',
    ];

    public function __construct(private OptimisticLock $lock, private Logbook $logbook) {}

    /**
     * @param  array<string, mixed>  $values
     *
     * @throws QuestionRefused where the same was asked in the meantime
     */
    public function ask(SiteJob $job, array $values, User $person): Question
    {
        $isAsked = ($values['about'] ?? null) !== null
            && Question::query()->where('site_job_id', $job->id)->where('about', $values['about'])->exists();
        if ($isAsked) {
            throw QuestionRefused::isAskedAlready();
        }
        $question = Question::query()->create([
            'site_job_id' => $job->id, 'key' => strtolower((string) str()->ulid()), ...$values,
        ]);
        $this->logbook->write($job, $person, 'question', "Asked {$question->owner}: {$question->text}");

        return $question;
    }

    /** @param array<string, mixed> $values */
    public function change(SiteJob $job, Question $question, int $seenVersion, array $values, User $person): void
    {
        $this->lock->update($question, $seenVersion, [
            ...$values, 'sources' => $values['sources'] === null ? null : json_encode($values['sources'], JSON_THROW_ON_ERROR),
        ], 'this question', self::LABELS);
        $this->logbook->write($job, $person, 'question', "Changed what {$question->owner} is asked: {$question->text}");
    }

    public function answer(SiteJob $job, Question $question, int $seenVersion, string $answer, User $person): void
    {
        $values = ['answer' => $answer, 'answered_at' => now()];
        $this->lock->update($question, $seenVersion, $values, 'this question', ['answer' => 'Answer']);
        $this->logbook->write($job, $person, 'question', "{$question->text} {$question->owner}: {$question->answer}");
    }

    /** What was answered is taken back: it is asked again. */
    public function reopen(SiteJob $job, Question $question, int $seenVersion, User $person): void
    {
        $this->lock->update($question, $seenVersion, ['answer' => null, 'answered_at' => null], 'this question', ['answer' => 'Answer']);
        $this->logbook->write($job, $person, 'question', "Asked again: {$question->text}");
    }

    public function remove(SiteJob $job, Question $question, User $person): void
    {
        $question->delete();
        $this->logbook->write($job, $person, 'question', "Nobody is asked any more: {$question->text}");
    }
}
