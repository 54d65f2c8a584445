<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Models\SiteJob;
use Illuminate\Support\Carbon;

/**
 * One part of a job file, which writes and reads itself. The file was checked whole before a section is read: every
 * reference leads somewhere.
 */
abstract readonly class Section
{
    /** Its key in the file. */
    abstract public function key(): string;

    /** @return array<int, mixed> in the order in which they were made */
    abstract public function write(SiteJob $job): array;

    /** @param list<array<string, mixed>> $rows */
    abstract public function read(Reading $reading, array $rows): void;

    protected static function time(?Carbon $time): ?string
    {
        return $time?->format('Y-m-d\TH:i:s\Z');
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array{x: float, y: float, z: float}
     */
    protected static function position(array $row): array
    {
        [$x, $y, $z] = $row['position'];

        return ['x' => (float) $x, 'y' => (float) $y, 'z' => (float) $z];
    }
}
