<?php

declare(strict_types=1);

namespace App\Vitals;

use Illuminate\Support\Carbon;

/** A sign of life: a file that its part touches. Processes share nothing else that outlives a killed database. */
final readonly class Heartbeat
{
    public static function of(Part $part): void
    {
        $folder = (string) config('kavvel.beats');
        if (! is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        touch(self::file($part));
    }

    /** The last one; null where none was given since the start. */
    public static function last(Part $part): ?Carbon
    {
        clearstatcache(true, self::file($part));
        $at = @filemtime(self::file($part));

        return $at === false ? null : Carbon::createFromTimestamp($at);
    }

    private static function file(Part $part): string
    {
        return config('kavvel.beats')."/{$part->value}";
    }
}
