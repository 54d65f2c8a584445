<?php

declare(strict_types=1);

namespace Tests\Faults;

use PHPUnit\Framework\TestCase;

/**
 * Many people at once: nobody is refused and nothing breaks; how long they wait, once all are there, is printed as a
 * multiple of what one person waits.
 */
final class LoadTest extends TestCase
{
    /** Somebody alone does in less time what tells how long it takes */
    private const PACE_ALONE = 10;

    /** @var list<string> */
    private static array $jobs = ['lantern-house'];

    public static function setUpBeforeClass(): void
    {
        Instance::run('start');
        if (self::isLong()) {
            Instance::run('artisan', 'kavvel:copies', '49');
            self::$jobs = ['lantern-house', ...array_map(static fn (int $n): string => "hollin-barn-{$n}", range(2, 50))];
        }
    }

    public static function tearDownAfterClass(): void
    {
        Instance::remove();
    }

    public function test_forty_on_one_job(): void
    {
        $this->work(['lantern-house'], self::isLong() ? 40 : 10, self::isLong() ? 60 : 12, 1);
    }

    public function test_two_hundred_over_fifty_jobs(): void
    {
        $this->work(self::$jobs, self::isLong() ? 200 : 20, self::isLong() ? 60 : 12, 1);
    }

    public function test_ten_times_that_pace_is_a_queue_and_no_error(): void
    {
        $this->work(self::$jobs, self::isLong() ? 40 : 10, self::isLong() ? 60 : 12, 10);
    }

    /** @param list<string> $jobs */
    private function work(array $jobs, int $people, float $seconds, float $pace): void
    {
        [$poll, $action] = $this->alone($jobs[count($jobs) - 1]);
        $crowd = new Crowd($jobs);
        $crowd->work($people, $seconds, $pace);

        self::assertSame([], $crowd->errors);
        self::assertGreaterThan(0, count($crowd->actions));
        Figures::note(
            sprintf('%d people on %d jobs, at %d times their pace', $people, count($jobs), $pace),
            sprintf(
                '%d polls, p95 %.1f x; %d actions, p95 %.1f x; pages were asked to wait %.1f times as long as usual',
                count($crowd->polls),
                Crowd::p95($crowd->polls) / $poll,
                count($crowd->actions),
                Crowd::p95($crowd->actions) / $action,
                array_sum($crowd->patience) / max(1, count($crowd->patience)),
            ),
        );
    }

    /** @return array{float, float} p95 of polls and of actions of one person alone on such a job, in ms */
    private function alone(string $job): array
    {
        $alone = new Crowd([$job]);
        $alone->work(1, self::isLong() ? 30 : 8, self::PACE_ALONE);
        $idle = [Crowd::p95($alone->polls), Crowd::p95($alone->actions)];
        Figures::note("one person alone on {$job}", sprintf('p95 %.0f ms a poll, %.0f ms an action', ...$idle));

        return $idle;
    }

    private static function isLong(): bool
    {
        return getenv('KAVVEL_FAULTS') === 'long';
    }
}
