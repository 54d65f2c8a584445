<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;
use App\Models\Storey;

final readonly class Storeys extends Section
{
    public function key(): string
    {
        return 'storeys';
    }

    public function write(SiteJob $job): array
    {
        return $job->storeys()->orderBy('id')->get()->map(static fn (Storey $one): array => [
            'key' => $one->key,
            'name' => $one->name,
            'level' => $one->level,
            'elevation' => $one->elevation,
            'height' => $one->height,
            'outerLayers' => $one->outer_layers,
            'innerLayers' => $one->inner_layers,
            'outline' => $one->outline,
            'floorLayers' => $one->floor_layers,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            $made = Storey::query()->create([
                'site_job_id' => $reading->job->id,
                'key' => $row['key'],
                'name' => $row['name'],
                'level' => $row['level'],
                'elevation' => $row['elevation'],
                'height' => $row['height'],
                'outline' => $row['outline'],
                'floor_layers' => $row['floorLayers'],
                'outer_layers' => $row['outerLayers'] ?? null,
                'inner_layers' => $row['innerLayers'] ?? null,
            ]);
            $reading->keep($this->key(), $row['key'], $made->id);
        }
    }
}
