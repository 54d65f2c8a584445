<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Questions;

use DateTimeImmutable;
use Kavvel\Core\Closing\Closing;
use Kavvel\Core\Questions\Question;
use Kavvel\Core\Questions\QuestionList;
use Kavvel\Core\Questions\QuestionStanding;
use Kavvel\Core\Questions\QuestionState;
use Kavvel\Core\Questions\Source;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuestionListTest extends TestCase
{
    public function test_what_is_open_stands_first_by_its_day_and_what_is_answered_last(): void
    {
        $states = QuestionList::of([
            self::question('c', '2026-03-09'), self::question('a', '2026-03-09'), self::question('b', '2026-03-05'),
            self::question('done', '2026-03-01', answer: 'yes'),
        ], self::day('2026-03-06 18:00'));

        self::assertSame(['b', 'a', 'c', 'done'], array_map(static fn (QuestionState $one): string => $one->question->key, $states));
        self::assertSame([-1, 3, 3, -5], array_map(static fn (QuestionState $one): int => $one->daysLeft, $states));
        self::assertSame(
            [QuestionStanding::Late, QuestionStanding::Open, QuestionStanding::Open, QuestionStanding::Answered],
            array_map(static fn (QuestionState $one): QuestionStanding => $one->standing, $states),
        );
    }

    public function test_one_that_is_attached_to_a_closing_has_its_day_two_working_days_before(): void
    {
        // A Tuesday: Monday and Friday are the two working days before it.
        $state = self::state(self::question('q', '2026-05-01', self::closing('2026-03-10')), '2026-03-04');

        self::assertSame('2026-03-06', $state->question->dueOn()->format('Y-m-d'));
        self::assertSame(2, $state->daysLeft);
        $moved = self::state(self::question('q', '2026-05-01', self::closing('2026-03-12')), '2026-03-04');
        self::assertSame('2026-03-10', $moved->question->dueOn()->format('Y-m-d'), 'it moves with its closing');
    }

    /** @return iterable<string, array{string, string}> */
    public static function days(): iterable
    {
        yield 'far off' => ['2026-03-01', 'in 8 days'];
        yield 'the day before' => ['2026-03-08', 'tomorrow'];
        yield 'its day' => ['2026-03-09', 'today'];
        yield 'the day after' => ['2026-03-10', 'a day late'];
        yield 'long after' => ['2026-03-19', '10 days late'];
    }

    #[DataProvider('days')]
    public function test_days_are_told_in_words(string $today, string $words): void
    {
        self::assertSame($words, self::state(self::question('q', '2026-03-09'), $today)->words());
    }

    public function test_once_it_is_closed_over_what_was_said_happens(): void
    {
        $state = self::state(self::question('q', '2026-05-01', self::closing('2026-03-10', true)), '2026-03-02');

        self::assertSame(QuestionStanding::TooLate, $state->standing, 'before its day already');
        self::assertSame('Plaster is closed', $state->words());
        self::assertSame(['Nobody answered: It stays as it is.'], $state->readyAnswers());
        $answered = self::question('q', '2026-05-01', self::closing('2026-03-10', true), answer: 'yes');
        self::assertSame('answered', self::state($answered, '2026-03-02')->words());
    }

    public function test_either_of_two_sources_is_a_ready_answer_and_nobody_answered_only_once_it_is_late(): void
    {
        $sources = [new Source('Designer’s list', '24 data points'), new Source('Plan', '22 data points')];
        $question = self::question('q', '2026-03-09', sources: $sources);

        self::assertSame(
            ['Designer’s list: 24 data points', 'Plan: 22 data points'],
            self::state($question, '2026-03-09')->readyAnswers(),
        );
        self::assertSame('Nobody answered: It stays as it is.', self::state($question, '2026-03-10')->readyAnswers()[2]);
        self::assertSame([], self::state(self::question('q', '2026-03-09'), '2026-03-09')->readyAnswers());
    }

    private static function state(Question $question, string $today): QuestionState
    {
        return QuestionList::of([$question], self::day($today))[0];
    }

    /** @param list<Source> $sources */
    private static function question(
        string $key,
        string $day,
        ?Closing $closing = null,
        array $sources = [],
        ?string $answer = null,
    ): Question {
        return new Question(
            $key,
            'Which?',
            'client',
            'electrician',
            '',
            'It stays as it is.',
            self::day($day),
            $closing,
            $sources,
            null,
            $answer,
        );
    }

    private static function closing(string $on, bool $isClosed = false): Closing
    {
        return new Closing('plaster', 'Plaster', 'plasterer', self::day($on), ['hall'], isClosed: $isClosed);
    }

    private static function day(string $day): DateTimeImmutable
    {
        return new DateTimeImmutable($day);
    }
}
