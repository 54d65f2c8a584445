<?php

declare(strict_types=1);

namespace Tests;

use Kavvel\Standin\Time\HandLog;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The stand-in as a program of its own, on a port of its own. */
trait RunsStandin
{
    private static ?Process $server = null;

    private static string $url = '';

    private static string $folder = '';

    private static function runStandin(string $token): void
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('There is no free port.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        $root = dirname(__DIR__);
        self::$folder = sys_get_temp_dir().'/kavvel-standin-'.bin2hex(random_bytes(6));
        self::$url = "http://127.0.0.1:{$port}";
        self::$server = new Process([
            PHP_BINARY, '-S', "127.0.0.1:{$port}", '-t', "{$root}/standin/public", "{$root}/standin/public/index.php",
        ], null, [
            'KAVVEL_STANDIN_JOB' => "{$root}/database/demo/lantern-house.json",
            'KAVVEL_STANDIN_OVERLAY' => "{$root}/database/demo/lantern-house.truth.json",
            'KAVVEL_STANDIN_STATE' => self::$folder, 'KAVVEL_STANDIN_TOKEN' => $token,
        ]);
        self::$server->start();
        self::$server->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'started'));
    }

    private static function stopStandin(): void
    {
        self::$server?->stop(2);
        (new HandLog(self::$folder))->forget();
    }
}
