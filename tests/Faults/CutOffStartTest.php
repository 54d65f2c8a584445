<?php

declare(strict_types=1);

namespace Tests\Faults;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The first start is killed at some moment, alone or with all that it had begun; the next start completes it or begins anew. */
final class CutOffStartTest extends TestCase
{
    private const SIGKILL = 9;

    private const STEP_SECONDS = ['short' => 1.7, 'long' => 0.35];

    /** Longer than a first start takes here once everything is installed */
    private const UP_TO_SECONDS = 8.0;

    public static function setUpBeforeClass(): void
    {
        Instance::remove();
    }

    public static function tearDownAfterClass(): void
    {
        Instance::remove();
    }

    /** @return iterable<string, array{float, bool}> */
    public static function moments(): iterable
    {
        $step = self::STEP_SECONDS[getenv('KAVVEL_FAULTS') === 'long' ? 'long' : 'short'];
        for ($after = 0.25; $after < self::UP_TO_SECONDS; $after += $step) {
            $isAll = ! ($isAll ?? false);
            yield sprintf('%s after %.2f s', $isAll ? 'everything' : 'the command alone', $after) => [$after, $isAll];
        }
    }

    #[DataProvider('moments')]
    public function test_the_next_start_mends_it(float $after, bool $isAll): void
    {
        $start = Instance::command('start');
        $start->start();
        $until = hrtime(true) + (int) ($after * 1e9);
        while (hrtime(true) < $until && $start->isRunning()) {
            usleep(10_000);
        }
        $pid = $start->getPid();
        $hadEnded = $pid === null || ! $start->isRunning();
        $hadEnded || $this->kill((int) $pid);
        $isAll && array_map(static fn (int $pid): bool => posix_kill($pid, self::SIGKILL), Instance::processes());
        while ($start->isRunning()) {
            usleep(10_000);
        }

        $next = Instance::command('start');
        $next->run();
        self::assertSame(0, $next->getExitCode(), $next->getErrorOutput());
        self::assertTrue(Instance::isWell(), json_encode(Instance::status(), JSON_THROW_ON_ERROR));
        $page = (string) Instance::signedIn()->get('/jobs')->getBody();
        self::assertStringContainsString('Lantern House', $page);
        self::assertSame(4, Instance::count('select count(*) from site_jobs'));
        Figures::note(sprintf('first start, %s killed after %.2f s', $isAll ? 'everything' : 'the command', $after), $hadEnded
            ? 'it had ended'
            : 'mended by the next');
        Instance::remove();
    }

    /** The command, and what it had begun in the foreground. */
    private function kill(int $pid): void
    {
        $children = new Process(['pgrep', '-P', (string) $pid]);
        $children->run();
        foreach (array_filter(explode("\n", $children->getOutput())) as $child) {
            $this->kill((int) $child);
        }
        posix_kill($pid, self::SIGKILL);
    }
}
