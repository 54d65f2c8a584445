<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\SiteJob;
use App\Models\Want;

final readonly class Wants extends Section
{
    public function key(): string
    {
        return 'wants';
    }

    public function write(SiteJob $job): array
    {
        return $job->wants()->whereHas('room')->with('room')->orderBy('id')->get()->map(static fn (Want $one): array => [
            'room' => $one->room?->key, 'function' => $one->function->value, 'by' => $one->wanted_by->value,
            'from' => $one->wanted_from->value,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, Want::class, array_map(static fn (array $row): array => [
            'room_id' => $reading->id('rooms', $row['room']), 'function' => $row['function'], 'wanted_by' => $row['by'],
            'wanted_from' => $row['from'],
        ], $rows));
    }
}
