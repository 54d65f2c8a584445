<?php

declare(strict_types=1);

namespace App\JobFiles;

use App\Models\SiteJob;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One part of a job file, which writes and reads itself. The file was checked whole before a section is read: every
 * reference leads somewhere.
 */
abstract readonly class Section
{
    private const AT_ONCE = 500;

    /** Its key in the file. */
    abstract public function key(): string;

    /** @return array<int, mixed> in the order in which they were made */
    abstract public function write(SiteJob $job): array;

    /** @param list<array<string, mixed>> $rows */
    abstract public function read(Reading $reading, array $rows): void;

    /**
     * Many at once: a log has tens of thousands of lines.
     *
     * @param  class-string<Model>  $model  of something that belongs to the job
     * @param  list<array<string, mixed>>  $rows
     */
    protected static function insert(Reading $reading, string $model, array $rows): void
    {
        $ofTheJob = ['company_id' => $reading->job->company_id, 'site_job_id' => $reading->job->id];
        foreach (array_chunk($rows, self::AT_ONCE) as $some) {
            $model::query()->insert(array_map(static fn (array $row): array => [...$ofTheJob, ...$row], $some));
        }
    }

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
