<?php

declare(strict_types=1);

namespace Tests\Faults;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\TransferException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Any process is killed with -9 while a person writes: it comes back, and nothing that was acknowledged is lost or doubled. */
final class KillTest extends TestCase
{
    /** Measured: 1 to 3 s. A machine that others use too is given more before this counts as broken. */
    private const PATIENCE_SECONDS = 20;

    private static Client $person;

    private static string $token;

    public static function setUpBeforeClass(): void
    {
        Instance::run('start');
        self::$person = Instance::signedIn();
        self::$token = Instance::token((string) self::$person->get('/jobs/lantern-house/pair')->getBody());
    }

    public static function tearDownAfterClass(): void
    {
        Instance::run('stop');
    }

    /** @return array<string, array{string, string}> */
    public static function victims(): array
    {
        $victims = [];
        foreach (Instance::PARTS as $part) {
            $victims["{$part}, master"] = [$part, 'master'];
        }
        foreach (['standin', 'web', 'nginx'] as $part) {
            $victims["{$part}, child"] = [$part, 'child'];
            $victims["{$part}, all children"] = [$part, 'all children'];
        }

        return $victims;
    }

    #[DataProvider('victims')]
    public function test_what_is_killed_is_back_and_nothing_acknowledged_is_lost(string $part, string $who): void
    {
        // A worker may only now notice that the database before it was another one, and begin again.
        self::assertTrue(Instance::becomesWell(), json_encode(Instance::status(), JSON_THROW_ON_ERROR));
        $pids = match ($who) {
            'master' => [Instance::master($part)],
            'child' => [Instance::children($part)[0]],
            default => Instance::children($part),
        };
        $acknowledged = [];
        $start = hrtime(true);
        array_map(Instance::kill(...), $pids);
        $back = null;
        $pending = null;
        while ((hrtime(true) - $start) / 1e9 < self::PATIENCE_SECONDS) {
            $pending ??= ['text' => "{$part} {$who} ".bin2hex(random_bytes(6)), 'once' => bin2hex(random_bytes(12))];
            if ($this->isAcknowledged($pending)) {
                $acknowledged[] = $pending['text'];
                $pending = null;
            }
            if (Instance::isWell() && ($who !== 'master' || Instance::master($part) !== $pids[0])) {
                $back = (hrtime(true) - $start) / 1e9;
                break;
            }
        }
        self::assertNotNull($back, json_encode(Instance::status(), JSON_THROW_ON_ERROR));
        foreach ($pids as $pid) {
            self::assertNotContains($pid, [Instance::master($part), ...Instance::children($part)]);
        }
        foreach ($acknowledged as $text) {
            self::assertSame(1, Instance::count('select count(*) from snags where text = ?', $text), $text);
        }
        Figures::note("{$part}, {$who}, killed", sprintf('back after %.1f s, %d writes meanwhile', $back, count($acknowledged)));
    }

    public function test_when_the_one_that_keeps_them_is_killed_status_says_so_and_stop_leaves_nothing(): void
    {
        Instance::kill(Instance::master('supervisor'));
        Instance::kill(Instance::master('nginx'));
        $status = Instance::status();
        self::assertMatchesRegularExpression('/^stopped, \d+ of its processes are left over$/', $status['supervisor']);
        self::assertStringContainsString('left over', $status['web']);
        self::assertStringContainsString('of its processes are left over', $status['nginx']);

        Instance::run('stop');
        self::assertSame([], Instance::processes());
        self::assertSame(['stopped'], array_values(array_unique(Instance::status())));
        Instance::run('start');
        self::assertTrue(Instance::isWell());
    }

    public function test_start_changes_nothing_that_is_kept_in_the_repository(): void
    {
        $git = new Process(['git', 'status', '--porcelain'], dirname(__DIR__, 2));
        $before = $git->mustRun()->getOutput();
        Instance::run('start');

        self::assertSame($before, $git->mustRun()->getOutput());
    }

    /** @param array{text: string, once: string} $snag the same key goes with it each time it is sent */
    private function isAcknowledged(array $snag): bool
    {
        try {
            $answer = self::$person->post('/jobs/lantern-house/snags', [
                'form_params' => ['_token' => self::$token, '_once' => $snag['once'], 'text' => $snag['text']], 'http_errors' => false,
            ]);

            return $answer->getStatusCode() === 303;
        } catch (TransferException) {
            return false;
        }
    }
}
