<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Duct;
use App\Models\SiteJob;

final readonly class Ducts extends Section
{
    public function key(): string
    {
        return 'ducts';
    }

    public function write(SiteJob $job): array
    {
        return $job->ducts()->orderBy('id')->get()->map(static fn (Duct $one): array => [
            'key' => $one->key, 'name' => $one->name, 'path' => $one->path,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, Duct::class, array_map(static fn (array $row): array => [
            'key' => $row['key'], 'name' => $row['name'], 'path' => json_encode($row['path']),
        ], $rows));
    }
}
