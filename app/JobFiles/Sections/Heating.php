<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\RoomHeating;
use App\Models\SiteJob;

final readonly class Heating extends Section
{
    public function key(): string
    {
        return 'heating';
    }

    public function write(SiteJob $job): array
    {
        return $job->roomHeatings()->whereIn('room', $job->rooms()->pluck('key')->all())->orderBy('id')->get()
            ->map(static fn (RoomHeating $one): array => [
                'room' => $one->room, 'kind' => $one->kind->value, 'loops' => $one->loops, 'watts' => $one->watts,
                'hidesThermostat' => $one->hides_thermostat,
            ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, RoomHeating::class, array_map(static fn (array $row): array => [
            'room' => $row['room'], 'kind' => $row['kind'], 'loops' => $row['loops'], 'watts' => $row['watts'],
            'hides_thermostat' => $row['hidesThermostat'],
        ], $rows));
    }
}
