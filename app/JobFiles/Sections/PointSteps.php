<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\PointStep;
use App\Models\SiteJob;

/** Photographs stay where they are: a file says that there was one, and when. */
final readonly class PointSteps extends Section
{
    public function key(): string
    {
        return 'pointSteps';
    }

    public function write(SiteJob $job): array
    {
        return $job->pointSteps()->orderBy('id')->get()->map(static fn (PointStep $one): array => [
            'point' => $one->point, 'step' => $one->step->value, 'by' => $one->by, 'at' => self::time($one->at),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, PointStep::class, array_map(static fn (array $row): array => [
            'point' => $row['point'], 'step' => $row['step'], 'by' => $row['by'], 'at' => $reading->time($row['at']),
        ], $rows));
    }
}
