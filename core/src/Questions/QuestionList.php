<?php

declare(strict_types=1);

namespace Kavvel\Core\Questions;

use DateTimeImmutable;

/** What is open stands first, by its day. */
final readonly class QuestionList
{
    /**
     * @param  list<Question>  $questions
     * @return list<QuestionState> the open ones by day, then the answered
     */
    public static function of(array $questions, DateTimeImmutable $today): array
    {
        usort($questions, static fn (Question $a, Question $b): int => [! $a->isOpen(), $a->dueOn()->format('Y-m-d'), $a->key]
            <=> [! $b->isOpen(), $b->dueOn()->format('Y-m-d'), $b->key]);

        return array_map(static fn (Question $one): QuestionState => self::state($one, $today->setTime(0, 0)), $questions);
    }

    private static function state(Question $question, DateTimeImmutable $today): QuestionState
    {
        $daysLeft = (int) $today->diff($question->dueOn()->setTime(0, 0))->format('%r%a');

        return new QuestionState($question, match (true) {
            ! $question->isOpen() => QuestionStanding::Answered,
            $question->closing->isClosed ?? false => QuestionStanding::TooLate,
            $daysLeft < 0 => QuestionStanding::Late,
            default => QuestionStanding::Open,
        }, $daysLeft);
    }
}
