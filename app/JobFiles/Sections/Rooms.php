<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Room;
use App\Models\SiteJob;
use Kavvel\Core\Floorplan\RoomKind;

final readonly class Rooms extends Section
{
    public function key(): string
    {
        return 'rooms';
    }

    public function write(SiteJob $job): array
    {
        return $job->rooms()->with('storey')->orderBy('id')->get()->map(static fn (Room $one): array => [
            'key' => $one->key,
            'storey' => $one->storey->key,
            'name' => $one->name,
            'code' => $one->code,
            'kind' => $one->kind,
            'height' => $one->height,
            'outline' => $one->outline,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            $made = Room::query()->create([
                'site_job_id' => $reading->job->id,
                'key' => $row['key'],
                'storey_id' => $reading->id('storeys', $row['storey']),
                'name' => $row['name'],
                'code' => $row['code'],
                'kind' => $row['kind'] ?? RoomKind::Room->value,
                'outline' => $row['outline'],
                'height' => $row['height'] ?? null,
            ]);
            $reading->keep($this->key(), $row['key'], $made->id);
        }
    }
}
