<?php

declare(strict_types=1);

namespace Tests\Faults;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** An archive that is not whole changes nothing, and one whose restoring is cut off is there wholly or not at all. */
final class RestoreTest extends TestCase
{
    private const SIGKILL = 9;

    private const AFTERWARDS = 'Raised after the backup was made';

    private static string $folder;

    public static function setUpBeforeClass(): void
    {
        self::$folder = sys_get_temp_dir().'/kavvel-archives-'.getmypid();
        mkdir(self::$folder, 0o700);
        Instance::run('start');
        Instance::run('backup', self::archive('whole'));
        self::raiseSnag();
        Instance::run('stop');
    }

    public static function tearDownAfterClass(): void
    {
        Instance::remove();
        (new Process(['rm', '-rf', self::$folder]))->mustRun();
    }

    public function test_the_backup_says_what_it_holds_and_is_for_its_owner_alone(): void
    {
        Instance::run('start');
        $said = Instance::run('backup', self::archive('second'));
        Instance::run('stop');

        self::assertStringContainsString('4 jobs, 4 people', $said);
        self::assertStringContainsString('the key that opens the stored codes', $said);
        self::assertSame(0o600, fileperms(self::archive('second')) & 0o777);
        self::assertDirectoryDoesNotExist(Instance::folder().'/archive');
    }

    /** @return array<string, array{Closure(string): mixed, string}> what is done to the unpacked archive */
    public static function broken(): array
    {
        $sum = static fn (string $in) => self::shell('sha256sum database.sql app.tar key > sums', $in);

        return [
            'no database' => [static fn (string $in) => unlink("{$in}/database.sql"), 'is no whole archive'],
            'no key' => [static fn (string $in) => unlink("{$in}/key"), 'is no whole archive'],
            'another database' => [
                static fn (string $in) => file_put_contents("{$in}/database.sql", ';', FILE_APPEND),
                'was changed or broken',
            ],
            'a sum less' => [static fn (string $in) => self::shell('sed -i 1d sums', $in), 'was changed or broken'],
            'a database that ends in the middle' => [static function (string $in) use ($sum): void {
                $sql = (string) file_get_contents("{$in}/database.sql");
                file_put_contents("{$in}/database.sql", substr($sql, 0, intdiv(strlen($sql), 2)).' INSERT INTO `users` VALUES (');
                $sum($in);
            }, 'be loaded'],
            'a database of something else' => [static function (string $in) use ($sum): void {
                file_put_contents("{$in}/database.sql", 'create table other (id int);');
                $sum($in);
            }, 'is not one of Kavvel'],
            'packs that are no archive' => [static function (string $in) use ($sum): void {
                file_put_contents("{$in}/app.tar", 'nothing');
                $sum($in);
            }, 'lacks a part'],
        ];
    }

    /** @param Closure(string): mixed $break */
    #[DataProvider('broken')]
    public function test_an_archive_that_is_not_whole_changes_nothing(Closure $break, string $words): void
    {
        $in = self::$folder.'/in';
        mkdir($in);
        self::shell('tar -xzf '.escapeshellarg(self::archive('whole')), $in);
        $break($in);
        self::shell('tar -czf '.escapeshellarg(self::archive('broken')).' *', $in);
        self::shell('rm -rf '.escapeshellarg($in), self::$folder);

        $restore = Instance::command('restore', self::archive('broken'));
        $restore->run();
        self::assertSame(1, $restore->getExitCode());
        self::assertStringContainsString($words, $restore->getErrorOutput());
        self::assertStringContainsString('Nothing was changed.', $restore->getErrorOutput());
        $this->assertNothingIsLeftOnTheWay();
    }

    public function test_one_that_is_cut_short_on_the_disk_changes_nothing(): void
    {
        file_put_contents(self::archive('short'), substr((string) file_get_contents(self::archive('whole')), 0, 9000));
        $restore = Instance::command('restore', self::archive('short'));
        $restore->run();

        self::assertStringContainsString('is no whole archive', $restore->getErrorOutput());
        $this->assertNothingIsLeftOnTheWay();
    }

    public function test_after_all_these_everything_is_as_it_was(): void
    {
        Instance::run('start');
        self::assertSame(1, self::raisedAfterwards());
        self::assertTrue(Instance::isWell());
        Instance::run('stop');
    }

    public function test_one_that_was_cut_off_while_it_took_its_place_is_completed_by_the_next_start(): void
    {
        $restored = Instance::folder().'/restored';
        mkdir($restored);
        self::shell('tar -xzf '.escapeshellarg(self::archive('whole')).' && tar -xf app.tar && rm app.tar', $restored);
        file_put_contents("{$restored}/app/marker", 'from the archive');
        touch("{$restored}/complete");
        Instance::run('start');

        self::assertTrue(Instance::isWell());
        self::assertFileExists(Instance::folder().'/storage/app/marker');
        $this->assertNothingIsLeftOnTheWay();
        Instance::run('stop');
    }

    public function test_a_restore_that_is_killed_leaves_the_one_or_the_other_state_whole(): void
    {
        foreach (getenv('KAVVEL_FAULTS') === 'long' ? range(0.3, 5.1, 0.4) : [1.2, 3.4] as $after) {
            $restore = Instance::command('restore', self::archive('whole'));
            $restore->start();
            $until = hrtime(true) + (int) ($after * 1e9);
            while (hrtime(true) < $until && $restore->isRunning()) {
                usleep(10_000);
            }
            if ($restore->isRunning()) {
                posix_kill((int) $restore->getPid(), self::SIGKILL);
                array_map(static fn (int $pid): bool => posix_kill($pid, self::SIGKILL), Instance::processes());
            }
            while ($restore->isRunning()) {
                usleep(10_000);
            }
            Instance::run('start');
            self::assertContains(self::raisedAfterwards(), [0, 1]);
            self::assertSame(4, Instance::count('select count(*) from site_jobs'));
            self::assertStringContainsString('Lantern House', (string) Instance::signedIn()->get('/jobs')->getBody());
            Figures::note(sprintf('restore killed after %.1f s', $after), self::raisedAfterwards() === 1 ? 'as before' : 'restored');
            self::raisedAfterwards() === 1 || self::raiseSnag();
            Instance::run('stop');
            $this->assertNothingIsLeftOnTheWay();
        }
    }

    public function test_a_whole_one_brings_back_what_was(): void
    {
        Instance::run('restore', self::archive('whole'));
        $this->assertNothingIsLeftOnTheWay();
        Instance::run('start');

        self::assertSame(0, self::raisedAfterwards());
        self::assertTrue(Instance::isWell());
        Instance::run('stop');
    }

    private static function raiseSnag(): void
    {
        $person = Instance::signedIn();
        $token = Instance::token((string) $person->get('/jobs/lantern-house/pair')->getBody());
        $person->post('/jobs/lantern-house/snags', ['form_params' => ['_token' => $token, 'text' => self::AFTERWARDS]]);
    }

    private static function raisedAfterwards(): int
    {
        return Instance::count('select count(*) from snags where text = ?', self::AFTERWARDS);
    }

    private function assertNothingIsLeftOnTheWay(): void
    {
        foreach (['archive', 'restored', 'db.new'] as $name) {
            self::assertDirectoryDoesNotExist(Instance::folder()."/{$name}");
        }
    }

    private static function archive(string $name): string
    {
        return self::$folder."/{$name}.tgz";
    }

    private static function shell(string $line, string $folder): void
    {
        Process::fromShellCommandline($line, $folder)->mustRun();
    }
}
