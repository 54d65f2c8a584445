<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;
use App\Models\Wall;

final readonly class Walls extends Section
{
    public function key(): string
    {
        return 'walls';
    }

    public function write(SiteJob $job): array
    {
        return $job->walls()->with('storey')->orderBy('id')->get()->map(static fn (Wall $one): array => [
            'key' => $one->key,
            'storey' => $one->storey->key,
            'label' => $one->label,
            'from' => $one->from,
            'to' => $one->to,
            'height' => $one->height,
            'layers' => $one->layers,
            'openings' => $one->openings,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            Wall::query()->create([
                'site_job_id' => $reading->job->id,
                'key' => $row['key'],
                'storey_id' => $reading->id('storeys', $row['storey']),
                'label' => $row['label'],
                'from' => $row['from'],
                'to' => $row['to'],
                'height' => $row['height'],
                'layers' => $row['layers'],
                'openings' => $row['openings'],
            ]);
        }
    }
}
