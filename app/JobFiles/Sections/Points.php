<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Point;
use App\Models\SiteJob;

final readonly class Points extends Section
{
    public function key(): string
    {
        return 'points';
    }

    public function write(SiteJob $job): array
    {
        return $job->points()->with('room')->orderBy('id')->get()->map(static fn (Point $one): array => [
            'key' => $one->key,
            'room' => $one->room->key,
            'position' => [$one->x, $one->y, $one->z],
            'purpose' => $one->purpose,
            'mains' => $one->mains,
            'cable' => $one->cable,
            'count' => $one->cable_count,
            'label' => $one->label,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            $made = Point::query()->create([
                'site_job_id' => $reading->job->id,
                'key' => $row['key'],
                'room_id' => $reading->id('rooms', $row['room']),
                'purpose' => $row['purpose'],
                'mains' => $row['mains'],
                'cable' => $row['cable'] ?? null,
                'cable_count' => $row['count'] ?? null,
                'label' => $row['label'] ?? null,
                ...self::position($row),
            ]);
            $reading->keep($this->key(), $row['key'], $made->id);
        }
    }
}
