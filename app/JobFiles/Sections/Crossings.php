<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\CrossRun;
use App\Models\SiteJob;
use App\Models\Slot;

/** Tests from all sides that went through, the last of each device that is there; what another device has shown stays behind. */
final readonly class Crossings extends Section
{
    public function key(): string
    {
        return 'crossings';
    }

    public function write(SiteJob $job): array
    {
        return array_map(static fn (CrossRun $run): array => [
            'slot' => $run->slot_key, 'by' => $run->by,
            'startedAt' => self::time($run->started_at), 'endedAt' => self::time($run->ended_at),
            'places' => array_map(
                static fn (int|string $key, string $id): array => ['ecosystem' => (string) $key, 'device' => $id],
                array_keys($run->places),
                $run->places,
            ),
            'orders' => array_map(
                static fn (array $one): array => ['ecosystem' => $one['origin'], 'value' => $one['value'], 'at' => $one['at']],
                $run->orders,
            ),
            'sights' => self::sights($run),
        ], CrossRun::completed($job));
    }

    public function read(Reading $reading, array $rows): void
    {
        $nodes = Slot::query()->where('site_job_id', $reading->job->id)->pluck('node_id', 'key');
        foreach ($rows as $row) {
            $sights = array_fill_keys(array_column($row['places'], 'ecosystem'), []);
            foreach ($row['sights'] as $one) {
                $sights[$one['ecosystem']][] = ['value' => $one['value'], 'at' => $one['at']];
            }
            CrossRun::query()->create([
                'site_job_id' => $reading->job->id, 'slot_key' => $row['slot'], 'node_id' => $nodes[$row['slot']],
                'places' => array_column($row['places'], 'device', 'ecosystem'), 'plan' => [],
                'orders' => array_map(
                    static fn (array $one): array => ['origin' => $one['ecosystem'], 'value' => $one['value'], 'at' => $one['at']],
                    $row['orders'],
                ),
                'sights' => $sights, 'cursors' => [],
                'by' => $row['by'], 'started_at' => $reading->time($row['startedAt']), 'ended_at' => $reading->time($row['endedAt']),
            ]);
        }
    }

    /** @return list<array{ecosystem: string, value: string, at: int}> */
    private static function sights(CrossRun $run): array
    {
        $all = [];
        foreach ($run->sights as $ecosystem => $some) {
            foreach ($some as $one) {
                $all[] = ['ecosystem' => (string) $ecosystem, 'value' => $one['value'], 'at' => $one['at']];
            }
        }

        return $all;
    }
}
