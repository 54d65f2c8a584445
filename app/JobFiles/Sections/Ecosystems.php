<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Ecosystem;
use App\Models\SiteJob;

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
            'accountOf' => $one->account_of, 'note' => $one->note,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        self::insert($reading, Ecosystem::class, array_map(static fn (array $row): array => [
            'key' => $row['key'], 'bridge_sheet_id' => $reading->id('bridgeSheets ecosystem', $row['sheet']), 'name' => $row['name'],
            'matter_release' => $row['matterRelease'] ?? null, 'account_of' => $row['accountOf'] ?? null, 'note' => $row['note'] ?? '',
        ], $rows));
    }
}
