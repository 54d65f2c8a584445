<?php

declare(strict_types=1);

namespace Kavvel\Core\Questions;

/** A question as it stands on a day. */
final readonly class QuestionState
{
    /** @param int $daysLeft negative: its day is past */
    public function __construct(public Question $question, public QuestionStanding $standing, public int $daysLeft) {}

    /** "in 4 days", "2 days late" */
    public function words(): string
    {
        $late = -$this->daysLeft;

        return match (true) {
            $this->standing === QuestionStanding::Answered => 'answered',
            $this->standing === QuestionStanding::TooLate => ($this->question->closing->name ?? 'it').' is closed',
            $late > 1 => "{$late} days late",
            $late === 1 => 'a day late',
            $late === 0 => 'today',
            $late === -1 => 'tomorrow',
            default => "in {$this->daysLeft} days",
        };
    }

    /**
     * What may stand as its answer without more words: what a source says; and, once its day is past, what was said would happen.
     *
     * @return list<string>
     */
    public function readyAnswers(): array
    {
        $answers = array_map(static fn (Source $one): string => $one->words(), $this->question->sources);
        $isPast = $this->standing === QuestionStanding::Late || $this->standing === QuestionStanding::TooLate;

        return $isPast ? [...$answers, "Nobody answered: {$this->question->otherwise}"] : $answers;
    }
}
