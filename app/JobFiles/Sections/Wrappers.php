<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\EndReading;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\Wrapper;

/** What was made of a device that is not there any more stays behind, and so does what was measured of it. */
final readonly class Wrappers extends Section
{
    public function key(): string
    {
        return 'wrappers';
    }

    public function write(SiteJob $job): array
    {
        return $job->wrappers()->with(['slot', 'readings'])->orderBy('id')->get()->map(static fn (Wrapper $one): array => [
            'slot' => $one->slot->key, 'wrapping' => $one->wrapping->value, 'box' => $one->box_key, 'ecosystems' => $one->ecosystems,
            'default' => $one->default_value,
            ...array_filter([
                'openAt' => $one->threshold()?->open, 'closedAt' => $one->threshold()?->closed, 'mark' => $one->mark,
                'name' => $one->made_name,
                'made' => $one->isMade() ? ['at' => self::time($one->made_at), 'by' => $one->made_by] : null,
            ], static fn (mixed $value): bool => $value !== null),
            'readings' => $one->readings
                ->filter(static fn (EndReading $said): bool => $said->value !== null && $said->node_id === $one->slot->node_id)
                ->map(static fn (EndReading $said): array => [
                    'open' => $said->is_open, 'value' => (float) $said->value, 'by' => $said->by, 'at' => self::time($said->at),
                ])->values()->all(),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        $nodes = Slot::query()->where('site_job_id', $reading->job->id)->pluck('node_id', 'key');
        foreach ($rows as $row) {
            $node = $nodes[$row['slot']];
            $wrapper = Wrapper::query()->create([
                'site_job_id' => $reading->job->id, 'slot_id' => $reading->id('slots', $row['slot']), 'wrapping' => $row['wrapping'],
                'box_key' => $row['box'], 'ecosystems' => $row['ecosystems'], 'default_value' => $row['default'],
                'open_at' => $row['openAt'] ?? null, 'closed_at' => $row['closedAt'] ?? null, 'mark' => $row['mark'] ?? null,
                'made_name' => $row['name'] ?? null,
                'node_id' => $node, 'made_by' => $row['made']['by'] ?? null, 'made_at' => $reading->time($row['made']['at'] ?? null),
            ]);
            self::insert($reading, EndReading::class, array_values(array_map(static fn (array $said): array => [
                'wrapper_id' => $wrapper->id, 'node_id' => $node, 'is_open' => $said['open'], 'value' => $said['value'],
                'by' => $said['by'], 'at' => $reading->time($said['at']),
            ], $row['readings'])));
        }
    }
}
