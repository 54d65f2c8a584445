<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\HeardNetwork;
use App\Models\SiteJob;

final readonly class HeardNetworks extends Section
{
    public function key(): string
    {
        return 'heardNetworks';
    }

    public function write(SiteJob $job): array
    {
        return $job->heardNetworks()->with('room')->orderBy('id')->get()->map(static fn (HeardNetwork $one): array => [
            'key' => $one->key, 'room' => $one->room?->key, 'name' => $one->name, 'channel' => $one->channel, 'widthMHz' => $one->width_mhz,
            'secondary' => $one->secondary, 'rssiDbm' => $one->rssi_dbm, 'busy' => $one->busy, 'heardAt' => self::time($one->heard_at),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, HeardNetwork::class, array_map(static fn (array $row): array => [
            'key' => $row['key'], 'room_id' => $reading->id('rooms', $row['room'] ?? null), 'name' => $row['name'],
            'channel' => $row['channel'], 'width_mhz' => $row['widthMHz'], 'secondary' => $row['secondary'] ?? null,
            'rssi_dbm' => $row['rssiDbm'], 'busy' => $row['busy'], 'heard_at' => $reading->time($row['heardAt']),
        ], $rows));
    }
}
