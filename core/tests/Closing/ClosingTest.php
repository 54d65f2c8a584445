<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Closing;

use DateTimeImmutable;
use Kavvel\Core\Closing\Closing;
use Kavvel\Core\Closing\ClosingPlan;
use Kavvel\Core\Closing\ClosingState;
use Kavvel\Core\Closing\CountDifference;
use Kavvel\Core\Closing\PointProgress;
use Kavvel\Core\Closing\PointStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ClosingTest extends TestCase
{
    public function test_steps_come_one_after_the_other_and_the_first_four_before_a_closing(): void
    {
        $done = [];
        foreach (PointStep::cases() as $number => $step) {
            $point = self::point('p', $done);
            self::assertSame($step, $point->next());
            self::assertSame($number >= 4, $point->isReady(), $step->value);
            $done[$step->value] = '2026-03-02 10:00';
        }
        self::assertNull(self::point('p', $done)->next());
        self::assertTrue(self::point('p', $done)->isReady());
    }

    public function test_a_check_grows_stale_when_another_trade_works_after_it(): void
    {
        $done = array_fill_keys(['pulled', 'labelled', 'photographed', 'checked'], '2026-03-02 10:00');

        self::assertFalse(self::point('p', $done, '2026-03-02 10:00')->isStale(), 'not after it');
        $moved = self::point('p', $done, '2026-03-02 10:01');
        self::assertTrue($moved->isStale());
        self::assertFalse($moved->isReady());
        self::assertSame(PointStep::Checked, $moved->next());
        self::assertFalse(self::point('p', [], '2026-03-02 10:01')->isStale(), 'what was never checked is not stale');
        self::assertTrue(self::point('p', [...$done, 'checked' => '2026-03-02 11:00'], '2026-03-02 10:01')->isReady(), 'checked again');
    }

    public function test_what_closes_next_stands_first_with_what_is_not_ready(): void
    {
        $ready = array_fill_keys(['pulled', 'labelled', 'photographed', 'checked'], '2026-03-01 10:00');
        $states = ClosingPlan::of([
            self::closing('tiles', '2026-03-20', ['bath']), self::closing('plaster', '2026-03-10', ['hall', 'bath', 'loft']),
            new Closing('gone', 'Screed', 'builder', new DateTimeImmutable('2026-03-01'), ['hall'], isClosed: true),
        ], [
            self::point('a', $ready, room: 'hall'), self::point('b', [], room: 'bath'), self::point('c', [], room: 'yard'),
        ], self::day('2026-03-04 17:00'));

        self::assertSame(['plaster', 'tiles', 'gone'], array_map(static fn (ClosingState $one): string => $one->closing->key, $states));
        self::assertSame([6, 16, -3], array_map(static fn (ClosingState $one): int => $one->daysLeft, $states));
        self::assertSame(['b', 'a'], array_map(static fn (PointProgress $one): string => $one->point, $states[0]->points));
        self::assertSame(['b'], array_map(static fn (PointProgress $one): string => $one->point, $states[0]->notReady()));
        self::assertSame(['loft'], $states[0]->bare, 'no cable ends there: a spare is cheap now');
    }

    public function test_what_has_to_be_in_is_ordered_in_time(): void
    {
        $closing = new Closing('c', 'Screed', 'builder', self::day('2026-03-20'), [], 10, 4);
        $late = static fn (string $today): bool => ClosingPlan::of([$closing], [], self::day($today))[0]->isOrderLate;

        self::assertSame('2026-03-06', $closing->orderBy()->format('Y-m-d'));
        self::assertSame([false, false, true], [$late('2026-03-05'), $late('2026-03-06 23:00'), $late('2026-03-07')]);
        $nothing = new Closing('c', 'Screed', 'builder', self::day('2026-03-01'), [], 0, 4);
        self::assertFalse(ClosingPlan::of([$nothing], [], self::day('2026-03-20'))[0]->isOrderLate, 'nothing to order');
        $tomorrow = new Closing('c', 'Screed', 'builder', self::day('2026-03-20'), [], 1);
        self::assertSame('2026-03-19', $tomorrow->orderBy()->format('Y-m-d'), 'no time for fitting was noted');
        self::assertTrue(ClosingPlan::of([$tomorrow], [], self::day('2026-03-20'))[0]->isOrderLate);
    }

    #[DataProvider('questions')]
    public function test_a_question_is_due_two_working_days_before(string $closing, string $due): void
    {
        self::assertSame($due, self::closing('c', $closing)->questionsBy()->format('Y-m-d'));
    }

    /** @return array<string, array{string, string}> */
    public static function questions(): array
    {
        return [
            'a Friday' => ['2026-03-06', '2026-03-04'], 'a Monday' => ['2026-03-09', '2026-03-05'],
            'a Tuesday' => ['2026-03-10', '2026-03-06'],
            'a Sunday' => ['2026-03-08', '2026-03-05'], 'a Wednesday' => ['2026-03-11', '2026-03-09'],
        ];
    }

    public function test_what_designer_plan_and_hands_count_differently_is_a_line_to_settle(): void
    {
        $told = static fn (array $designer, array $plan, array $fitted): array => array_map(
            static fn (CountDifference $one): string => "{$one->purpose}: {$one->words()}",
            CountDifference::among($designer, $plan, $fitted),
        );

        self::assertSame([], $told(['data' => 4], ['data' => 4, 'camera' => 2], ['data' => 1]), 'what nobody counted is no difference');
        self::assertSame(
            ['camera: the plan lacks 2', 'data: the plan has 1 more', 'speaker: more are fitted than planned'],
            $told(['data' => 3, 'camera' => 2], ['data' => 4, 'speaker' => 1], ['speaker' => 2]),
        );
        self::assertSame(['data: the plan has 1 more'], $told(['data' => 0], ['data' => 1], []));
        self::assertSame(['data: more are fitted than planned'], $told(['data' => 1], ['data' => 1], ['data' => 2]));
        self::assertSame([], $told(['data' => 0], [], []), 'all agree on none');
    }

    public function test_second_fix_waits_for_the_closing(): void
    {
        $ready = array_fill_keys(['pulled', 'labelled', 'photographed', 'checked'], '2026-03-01 10:00');
        $holds = static function (Closing $closing, PointProgress $point): bool {
            return ClosingPlan::of([$closing], [$point], self::day('2026-03-04'))[0]->holdsBack($point);
        };
        $open = self::closing('plaster', '2026-03-10', ['hall']);
        $closed = new Closing('plaster', 'Plaster', 'builder', self::day('2026-03-10'), ['hall'], isClosed: true);

        self::assertTrue($holds($open, self::point('p', $ready)));
        self::assertFalse($holds($closed, self::point('p', $ready)));
        self::assertFalse($holds($open, self::point('p', $ready, room: 'yard')), 'it does not cover it');
        self::assertFalse($holds($open, self::point('p', [])), 'first what has to be done before');
        self::assertFalse($holds($open, self::point('p', [...$ready, 'fitted' => '2026-03-02', 'powered' => '2026-03-02'])), 'all is done');
    }

    /** Whatever was done in whatever order: a point is ready when its four steps are done and nobody worked there since the check. */
    public function test_ready_means_all_four_and_a_fresh_check(): void
    {
        $chance = new Randomizer(new Mt19937(2));
        $ready = 0;
        for ($try = 0; $try < 400; $try++) {
            $done = [];
            foreach (PointStep::cases() as $step) {
                if ($chance->getInt(0, 5) > 0) {
                    $done[$step->value] = sprintf('2026-03-%02d 10:00', $chance->getInt(1, 28));
                }
            }
            $worked = $chance->getInt(0, 1) === 0 ? null : sprintf('2026-03-%02d 10:00', $chance->getInt(1, 28));
            $point = self::point('p', $done, $worked);
            $expected = count(array_intersect_key($done, ['pulled' => 1, 'labelled' => 1, 'photographed' => 1, 'checked' => 1])) === 4
                && ($worked === null || $worked <= ($done['checked'] ?? ''));
            self::assertSame($expected, $point->isReady());
            $ready += (int) $expected;
        }
        self::assertGreaterThan(50, $ready);
    }

    /** @param array<string, string> $done */
    private static function point(string $key, array $done, ?string $worked = null, string $room = 'hall'): PointProgress
    {
        return new PointProgress($key, $key, $room, array_map(self::day(...), $done), $worked === null ? null : self::day($worked));
    }

    /** @param list<string> $rooms */
    private static function closing(string $key, string $on, array $rooms = []): Closing
    {
        return new Closing($key, ucfirst($key), 'builder', self::day($on), $rooms);
    }

    private static function day(string $day): DateTimeImmutable
    {
        return new DateTimeImmutable($day);
    }
}
