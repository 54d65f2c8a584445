<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Standin\Time\Clockwork;
use Kavvel\Standin\Time\Fold;
use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\TestCase;

/** A kept state and what came after it are as good as the whole log. */
final class ClockworkTest extends TestCase
{
    private const START = 1_800_000_000_000;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kavvel-clockwork-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        if (is_dir($this->folder)) {
            (new HandLog($this->folder))->forget();
            rmdir($this->folder);
        }
    }

    public function test_wherever_the_log_is_cut_the_state_is_the_same(): void
    {
        $log = $this->log();
        $whole = Fold::of(FoldTest::house(), $log, self::START + 400_000);
        self::assertContains('device.joined', array_column($whole->hub->events, 'type'));
        for ($cut = 1; $cut < count($log); $cut++) {
            $until = $log[$cut]['at'];
            $kept = unserialize(serialize(Fold::of(FoldTest::house(), array_slice($log, 0, $cut), $until)->kept()));
            $resumed = Fold::of(FoldTest::house(), array_slice($log, $cut), self::START + 400_000, $kept);

            self::assertEquals($whole->kept(), $resumed->kept(), "cut before entry {$cut}");
        }
    }

    public function test_a_look_in_between_changes_nothing(): void
    {
        $log = $this->log();
        $whole = Fold::of(FoldTest::house(), $log, self::START + 30_000);
        $kept = null;
        $done = 0;
        for ($seconds = 0; $seconds <= 30; $seconds++) {
            $now = self::START + $seconds * 1000;
            $due = array_values(array_filter($log, static fn (array $entry): bool => $entry['at'] <= $now));
            $kept = Fold::of(FoldTest::house(), array_slice($due, $done), $now, $kept)->kept();
            $done = count($due);
        }

        self::assertEquals($whole->hub->events, $kept['hub']['events']);
    }

    public function test_each_look_reads_what_is_new_only(): void
    {
        $log = new HandLog($this->folder);
        $clockwork = new Clockwork(FoldTest::house(), $log);
        $clockwork->now();
        $log->append(['do' => 'open-window', 'command' => 'window-1', 'seconds' => 254]);
        $clockwork->now();
        $log->append(['do' => 'advance', 'seconds' => 300]);
        $events = $clockwork->now()->hub->events;
        $again = (new Clockwork(FoldTest::house(), $log))->now()->hub->events;

        self::assertSame(['gateway.started', 'window.opened', 'window.closed'], array_column($events, 'type'));
        self::assertSame($events, $again);
        $kept = unserialize((string) file_get_contents($log->snapshot));
        self::assertSame(filesize("{$this->folder}/hands.jsonl"), $kept['place']);
    }

    public function test_a_snapshot_of_a_log_that_was_put_away_is_not_used(): void
    {
        $log = new HandLog($this->folder);
        $log->append(['do' => 'carry', 'device' => 'hall-relay']);
        $before = (new Clockwork(FoldTest::house(), $log))->now();
        $snapshot = (string) file_get_contents($log->snapshot);
        $log->forget();
        file_put_contents($log->snapshot, $snapshot);
        $after = (new Clockwork(FoldTest::house(), $log))->now();

        self::assertNotSame($before->hub->epoch, $after->hub->epoch);
        self::assertNull($after->world->devices['hall-relay']->carriedTo);
    }

    /** @return list<array<string, mixed>> */
    private function log(): array
    {
        $entry = static fn (int $seconds, string $do, array $with = []): array => [
            'at' => self::START + $seconds * 1000, 'do' => $do, ...$with,
        ];

        return [
            $entry(0, 'boot', ['epoch' => 'first']),
            $entry(1, 'open-window', ['command' => 'window-1', 'seconds' => 254]),
            $entry(2, 'gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]),
            $entry(4, 'carry', ['device' => 'bath-leak']),
            $entry(5, 'read-mesh', ['command' => 'reading-1']),
            $entry(6, 'switch', [
                'command' => 'switch-1',
                'address' => FoldTest::house()->devices['chart-dimmer']->address,
                'value' => 'toggle',
            ]),
            $entry(9, 'fault', ['device' => 'chart-lamp', 'fault' => 'half-interview']),
            $entry(10, 'gesture', ['device' => 'chart-lamp', 'kind' => 'power-cycle', 'times' => 6]),
            $entry(20, 'gesture', ['device' => 'hall-relay', 'kind' => 'hold', 'seconds' => 10]),
            $entry(22, 'unplug'),
            $entry(24, 'plug-in'),
        ];
    }
}
