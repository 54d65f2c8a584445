<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\BridgeBox;
use App\Models\BridgeSheet;
use App\Models\Ecosystem;
use App\Models\SiteJob;

/** Entries of the catalogue that the job uses. The company keeps one catalogue: an entry that it has is kept as it is. */
final readonly class BridgeSheets extends Section
{
    public function key(): string
    {
        return 'bridgeSheets';
    }

    public function write(SiteJob $job): array
    {
        $used = [
            ...$job->ecosystems()->with('sheet')->get()->map(static fn (Ecosystem $one): BridgeSheet => $one->sheet)->all(),
            ...$job->bridgeBoxes()->with('sheet')->get()->map(static fn (BridgeBox $one): BridgeSheet => $one->sheet)->all(),
        ];

        return collect($used)->unique('id')->sortBy(static fn (BridgeSheet $one): string => "{$one->kind->value} {$one->key}")
            ->map(static fn (BridgeSheet $one): array => $one->written())->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach (BridgeSheet::query()->get(['id', 'kind', 'key']) as $sheet) {
            $reading->keep("{$this->key()} {$sheet->kind->value}", $sheet->key, $sheet->id);
        }
        foreach ($rows as $row) {
            $section = "{$this->key()} {$row['of']}";
            if ($reading->id($section, $row['key']) === null) {
                $sheet = new BridgeSheet(['kind' => $row['of'], 'key' => $row['key']]);
                $sheet->put($row, null);
                $reading->keep($section, $row['key'], $sheet->id);
            }
        }
    }
}
