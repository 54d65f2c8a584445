<?php

declare(strict_types=1);

namespace Tests\Faults;

use GuzzleHttp\Client;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What the web server itself answers, before and instead of the application. */
final class DoorsTest extends TestCase
{
    private static Client $client;

    public static function setUpBeforeClass(): void
    {
        Instance::run('start');
        self::$client = new Client(['base_uri' => Instance::url(), 'http_errors' => false, 'allow_redirects' => false, 'timeout' => 20]);
    }

    public static function tearDownAfterClass(): void
    {
        Instance::run('stop');
    }

    public function test_another_name_is_not_answered_to_at_either_door(): void
    {
        foreach ([Instance::port(), Instance::port() + 1] as $port) {
            $answer = self::$client->get("http://127.0.0.1:{$port}/hands", ['headers' => ['Host' => 'evil.example']]);

            self::assertSame(421, $answer->getStatusCode());
            self::assertStringNotContainsString('evil.example', (string) $answer->getBody());
        }
    }

    public function test_what_is_too_large_gets_a_page_of_ours(): void
    {
        $answer = self::$client->post('/job-files', ['body' => str_repeat('x', 23_000_000)]);

        self::assertSame(413, $answer->getStatusCode());
        self::assertStringContainsString('That file is too large', (string) $answer->getBody());
        self::assertStringNotContainsString('nginx', (string) $answer->getBody());
    }

    public function test_nothing_but_what_is_public_is_handed_out(): void
    {
        $paths = ['/.env', '/.git/config', '/../secrets', '/composer.json', '/index.php/../../composer.json', '/build/../../kavvel'];
        foreach ($paths as $path) {
            self::assertContains(self::$client->get($path)->getStatusCode(), [302, 400, 404], $path);
        }
        self::assertStringNotContainsString('<?php', (string) self::$client->get('/index.php')->getBody());
    }

    public function test_while_the_application_starts_again_a_page_says_so(): void
    {
        self::supervisor('stop');
        $away = self::$client->get('/sign-in');
        self::assertSame(503, $away->getStatusCode());
        self::assertStringContainsString('Starting again', (string) $away->getBody());
        self::assertStringContainsString('/plain.css', (string) $away->getBody());
        self::assertSame(200, self::$client->get('/plain.css')->getStatusCode());
        self::supervisor('start');

        self::assertTrue(Instance::becomesWell());
    }

    public function test_a_full_disk_is_said_before_anything_is_begun(): void
    {
        $folder = sys_get_temp_dir().'/kavvel-df-'.getmypid();
        mkdir($folder);
        file_put_contents("{$folder}/df", "#!/bin/sh\necho 'Filesystem 1M-blocks Used Available'\necho '/dev/full 1000 988 12'\n");
        chmod("{$folder}/df", 0o755);
        $start = Instance::command('start');
        $start->setEnv(['PATH' => "{$folder}:".getenv('PATH')] + $start->getEnv());
        $start->run();
        unlink("{$folder}/df");
        rmdir($folder);

        self::assertSame(1, $start->getExitCode());
        self::assertStringContainsString('Only 12 MB are free on the disk of '.Instance::folder(), $start->getErrorOutput());
    }

    private static function supervisor(string $do): void
    {
        (new Process(['supervisorctl', '-c', Instance::folder().'/run/supervisor.conf', $do, 'app:web']))->mustRun();
    }
}
