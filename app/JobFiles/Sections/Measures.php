<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\OpeningMeasure;
use App\Models\SiteJob;

final readonly class Measures extends Section
{
    public function key(): string
    {
        return 'measures';
    }

    public function write(SiteJob $job): array
    {
        return $job->openingMeasures()->orderBy('id')->get()->map(static fn (OpeningMeasure $one): array => array_filter([
            'opening' => $one->opening, 'storey' => $one->storey, 'at' => $one->x === null ? null : [$one->x, $one->y],
            'door' => $one->door, 'window' => $one->window,
        ], static fn (mixed $value): bool => $value !== null))->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            OpeningMeasure::query()->create([
                'site_job_id' => $reading->job->id, 'opening' => $row['opening'], 'door' => $row['door'] ?? null,
                'window' => $row['window'] ?? null, 'storey' => $row['storey'] ?? null, 'x' => $row['at'][0] ?? null,
                'y' => $row['at'][1] ?? null,
            ]);
        }
    }
}
