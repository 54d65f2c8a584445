<?php

declare(strict_types=1);

namespace Tests\Faults;

use PDO;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What lies under var is for the user alone that runs it, and the database has one account, for one database. */
final class SecretsTest extends TestCase
{
    private const NOBODY = '65534';

    public static function setUpBeforeClass(): void
    {
        Instance::run('start');
        $person = Instance::signedIn();
        $page = (string) $person->get('/jobs/lantern-house/hand-over')->getBody();
        $person->post('/jobs/lantern-house/logbook', ['form_params' => [
            '_token' => Instance::token($page), 'text' => 'A note for the log',
        ]]);
    }

    public static function tearDownAfterClass(): void
    {
        Instance::run('stop');
    }

    public function test_another_user_of_the_machine_reads_nothing(): void
    {
        if (posix_getuid() !== 0) {
            self::markTestSkipped('Only root can look with the eyes of another user.');
        }
        $look = new Process([
            'setpriv', '--reuid', self::NOBODY, '--regid', self::NOBODY, '--clear-groups', 'find', Instance::folder(), '-mindepth', '1',
        ]);
        $look->run();
        self::assertSame('', $look->getOutput());
        self::assertStringContainsString('Permission denied', $look->getErrorOutput());
        $read = new Process([
            'setpriv', '--reuid', self::NOBODY, '--regid', self::NOBODY, '--clear-groups', 'cat', Instance::folder().'/secrets',
        ]);
        $read->run();
        self::assertSame('', $read->getOutput());
    }

    public function test_no_file_under_var_is_open_to_group_or_others_by_itself(): void
    {
        $open = (new Process(['find', Instance::folder(), '-perm', '/077', '-not', '-type', 's', '-not', '-type', 'l']))->mustRun();

        self::assertSame('', $open->getOutput());
        foreach (['secrets', 'storage/config.php', 'run/init.sql', 'run/supervisor.conf'] as $file) {
            self::assertFileExists(Instance::folder()."/{$file}");
        }
    }

    /** @return array<string, array{string, string}> */
    public static function accounts(): array
    {
        return [
            'the server’s own' => ['root', ''], 'the server’s own, with our password' => ['root', 'ours'], 'nobody' => ['', ''],
            'ours without a password' => ['kavvel', ''],
        ];
    }

    #[DataProvider('accounts')]
    public function test_nobody_else_gets_into_the_database(string $user, string $password): void
    {
        $this->expectException(PDOException::class);
        $this->expectExceptionMessageMatches('/\[1045\]|\[4151\]|\[1698\]/');
        new PDO('mysql:host=127.0.0.1;port='.(Instance::port() + 2), $user, $password === 'ours' ? $this->password() : $password);
    }

    public function test_our_account_sees_its_own_database_only(): void
    {
        $ours = new PDO('mysql:host=127.0.0.1;port='.(Instance::port() + 2), 'kavvel', $this->password());
        $databases = $ours->prepare('show databases');
        $databases->execute();
        $seen = $databases->fetchAll(PDO::FETCH_COLUMN);
        sort($seen);
        self::assertSame(['information_schema', 'kavvel'], $seen);
        foreach (["create user 'other'@'localhost'", 'create database other', 'select * from mysql.global_priv'] as $query) {
            try {
                $ours->exec($query);
                self::fail($query);
            } catch (PDOException $denied) {
                self::assertContains($denied->errorInfo[1] ?? 0, [1044, 1142, 1227], $query);
            }
        }
    }

    private function password(): string
    {
        preg_match('/^DB_PASSWORD=(.+)$/m', (string) file_get_contents(Instance::folder().'/secrets'), $found);

        return $found[1] ?? '';
    }
}
