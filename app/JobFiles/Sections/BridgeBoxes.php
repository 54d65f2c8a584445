<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\JobFiles\StandinAddress;
use App\Models\BridgeBox;
use App\Models\SiteJob;

/** Addresses and tokens never travel: a file can only ask for the stand-in. */
final readonly class BridgeBoxes extends Section
{
    public function key(): string
    {
        return 'boxes';
    }

    public function write(SiteJob $job): array
    {
        return $job->bridgeBoxes()->with(['sheet', 'gateway'])->orderBy('id')->get()->map(static fn (BridgeBox $one): array => [
            'key' => $one->key, 'sheet' => $one->sheet->key, 'name' => $one->name, 'gateway' => $one->gateway?->key,
            'owned' => $one->is_owned, 'firmware' => $one->firmware, 'matterRelease' => $one->matter_release, 'note' => $one->note,
            'segment' => $one->segment, 'address' => $one->address, 'reserved' => $one->is_reserved,
            'link' => $one->url === null ? null : 'standin',
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, BridgeBox::class, array_map(static fn (array $row): array => [
            'key' => $row['key'], 'bridge_sheet_id' => $reading->id('bridgeSheets box', $row['sheet']), 'name' => $row['name'],
            'gateway_id' => $reading->id('gateways', $row['gateway'] ?? null), 'is_owned' => $row['owned'],
            'firmware' => $row['firmware'] ?? null, 'matter_release' => $row['matterRelease'] ?? null, 'note' => $row['note'] ?? '',
            'segment' => $row['segment'] ?? null, 'address' => $row['address'] ?? null, 'is_reserved' => $row['reserved'] ?? false,
            ...StandinAddress::link($reading, $row, "boxes/{$row['key']}"),
        ], $rows));
    }
}
