<?php

declare(strict_types=1);

namespace Tests\Faults;

use Database\Seeders\DemoSeeder;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Exception\TransferException;
use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

/** An instance of its own, used as people use it: by ./kavvel and by its pages. */
final class Instance
{
    public const NAME = 'faults';

    private const SIGKILL = 9;

    private const COMMAND_SECONDS = 240;

    private const LOOKS = 100;

    /** What must be there for the work to go on */
    public const PARTS = ['database', 'standin', 'web', 'nginx', 'gateway', 'commands', 'queue', 'schedule'];

    public static function port(): int
    {
        return (int) (getenv('KAVVEL_FAULTS_PORT') ?: 8630);
    }

    public static function url(string $path = ''): string
    {
        return 'http://127.0.0.1:'.self::port().$path;
    }

    public static function folder(): string
    {
        return dirname(__DIR__, 2).'/var/'.self::NAME;
    }

    public static function command(string ...$words): Process
    {
        // What the surrounding test run has exported belongs to another instance.
        $clean = array_fill_keys(array_filter(
            array_keys(getenv()),
            static fn (string $name): bool => preg_match('/^(APP_|DB_|KAVVEL_|SESSION_|CACHE_|QUEUE_|VAR$)/', $name) === 1,
        ), false);

        return new Process(
            ['./kavvel', ...$words],
            dirname(__DIR__, 2),
            [...$clean, 'KAVVEL_INSTANCE' => self::NAME, 'KAVVEL_PORT' => (string) self::port()],
            timeout: self::COMMAND_SECONDS,
        );
    }

    public static function run(string ...$words): string
    {
        return self::command(...$words)->mustRun()->getOutput();
    }

    /** Stops it, and takes all of it away. */
    public static function remove(): void
    {
        self::run('stop');
        (new Process(['rm', '-rf', self::folder()]))->mustRun();
    }

    /** @return array<string, string> the word of `status` for each part */
    public static function status(): array
    {
        preg_match_all('/^(\w+): (.+)$/m', self::run('status'), $lines);

        return array_combine($lines[1], $lines[2]);
    }

    /** @phpstan-impure */
    public static function isWell(): bool
    {
        return array_unique(array_values(self::status())) === ['running'] && self::answers(self::url('/sign-in'))
            && self::answers('http://127.0.0.1:'.(self::port() + 1).'/hands');
    }

    /** @phpstan-impure */
    public static function becomesWell(): bool
    {
        for ($look = 0; $look < self::LOOKS; $look++) {
            if (self::isWell()) {
                return true;
            }
            usleep(200_000);
        }

        return false;
    }

    public static function answers(string $url): bool
    {
        try {
            return (new Client(['timeout' => 2]))->get($url)->getStatusCode() === 200;
        } catch (TransferException) {
            return false;
        }
    }

    /** The one that leads the part's processes. */
    public static function master(string $part): int
    {
        return (int) explode(' ', (string) file_get_contents(self::folder()."/run/{$part}.pid"))[0];
    }

    /** @return list<int> the others of its group */
    public static function children(string $part): array
    {
        $group = self::master($part);
        $all = (new Process(['pgrep', '-g', (string) $group]))->mustRun()->getOutput();

        return array_values(array_diff(array_map(intval(...), explode("\n", trim($all))), [$group]));
    }

    public static function kill(int $pid): void
    {
        if (! posix_kill($pid, self::SIGKILL)) {
            throw new RuntimeException("There is no process {$pid}.");
        }
    }

    /** @return list<int> processes that work in this instance, whoever began them */
    public static function processes(): array
    {
        $found = (new Process(['pgrep', '-f', self::folder()]));
        $found->run();

        return array_map(intval(...), array_values(array_filter(explode("\n", $found->getOutput()))));
    }

    public static function signedIn(): Client
    {
        $client = new Client(['base_uri' => self::url(), 'cookies' => new CookieJar, 'timeout' => 5, 'allow_redirects' => false]);
        $client->post('/sign-in', ['form_params' => [
            '_token' => self::token((string) $client->get('/sign-in')->getBody()), 'email' => 'mara@tarn-thistle.example',
            'password' => DemoSeeder::PASSWORD,
        ]]);

        return $client;
    }

    public static function token(string $page): string
    {
        preg_match('/name="_token" value="([^"]+)"/', $page, $found);

        return $found[1] ?? throw new RuntimeException('The page has no form.');
    }

    public static function database(): PDO
    {
        preg_match('/^DB_PASSWORD=(.+)$/m', (string) file_get_contents(self::folder().'/secrets'), $secret);

        return new PDO('mysql:dbname=kavvel;unix_socket='.self::socket(), 'kavvel', $secret[1] ?? '');
    }

    public static function count(string $query, string ...$values): int
    {
        $counted = self::database()->prepare($query);
        $counted->execute($values);

        return (int) $counted->fetchColumn();
    }

    private static function socket(): string
    {
        preg_match('/--socket=(\S+)/', (string) file_get_contents(self::folder().'/run/supervisor.conf'), $found);

        return $found[1] ?? '';
    }
}
