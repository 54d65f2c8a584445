<?php

declare(strict_types=1);

namespace App\Console;

/** A sign of life of a long-running process: the file that the start command waits for. */
final class Heartbeat
{
    public static function of(string $process): void
    {
        $folder = (string) config('kavvel.beats');
        if (! is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        touch("{$folder}/{$process}");
    }
}
