<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Circuit;
use App\Models\SiteJob;

final readonly class Circuits extends Section
{
    public function key(): string
    {
        return 'circuits';
    }

    public function write(SiteJob $job): array
    {
        $rooms = $job->rooms()->pluck('key')->all();
        $isThere = static fn (string $room): bool => in_array($room, $rooms, true);

        return $job->circuits()->orderBy('id')->get()->map(static fn (Circuit $one): array => [
            'key' => $one->key, 'label' => $one->label, 'kind' => $one->kind->value, 'breaker' => $one->breaker,
            'breakerA' => $one->breaker_a, 'rcd' => $one->rcd, 'phase' => $one->phase,
            'rooms' => array_values(array_filter($one->rooms, $isThere)), 'channel' => $one->channel, 'channelW' => $one->channel_w,
            'lamps' => array_values(array_filter($one->lamps, static fn (array $lamps): bool => $isThere($lamps['room']))),
            'choice' => $one->choice,
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            $made = Circuit::query()->create([
                'site_job_id' => $reading->job->id, 'key' => $row['key'], 'label' => $row['label'], 'kind' => $row['kind'],
                'breaker' => $row['breaker'], 'breaker_a' => $row['breakerA'] ?? null, 'rcd' => $row['rcd'] ?? null,
                'phase' => $row['phase'] ?? null, 'rooms' => $row['rooms'], 'channel' => $row['channel'] ?? null,
                'channel_w' => $row['channelW'] ?? null, 'lamps' => $row['lamps'], 'choice' => $row['choice'] ?? null,
            ]);
            $reading->keep($this->key(), $row['key'], $made->id);
        }
    }
}
