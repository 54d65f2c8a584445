<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\JobFiles\StandinAddress;
use App\Models\Ecosystem;
use App\Models\SiteJob;

/** Addresses and tokens never travel: a file can only ask for the stand-in. */
final readonly class Ecosystems extends Section
{
    public function key(): string
    {
        return 'ecosystems';
    }

    public function write(SiteJob $job): array
    {
        return $job->ecosystems()->with('sheet')->orderBy('id')->get()->map(static fn (Ecosystem $one): array => [
            'key' => $one->key, 'sheet' => $one->sheet->key, 'name' => $one->name, 'matterRelease' => $one->matter_release,
            'accountOf' => $one->account_of, 'note' => $one->note, 'link' => $one->url === null ? null : 'standin',
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, Ecosystem::class, array_map(static fn (array $row): array => [
            'key' => $row['key'], 'bridge_sheet_id' => $reading->id('bridgeSheets ecosystem', $row['sheet']), 'name' => $row['name'],
            'matter_release' => $row['matterRelease'] ?? null, 'account_of' => $row['accountOf'] ?? null, 'note' => $row['note'] ?? '',
            ...StandinAddress::link($reading, $row, "ecosystems/{$row['key']}"),
        ], $rows));
    }
}
