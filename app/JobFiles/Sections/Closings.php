<?php

declare(strict_types=1);

namespace App\JobFiles\Sections;

use App\JobFiles\Reading;
use App\JobFiles\Section;
use App\Models\Closing;
use App\Models\SiteJob;

final readonly class Closings extends Section
{
    public function key(): string
    {
        return 'closings';
    }

    public function write(SiteJob $job): array
    {
        $rooms = $job->rooms()->pluck('key')->all();

        return $job->closings()->orderBy('id')->get()->map(static fn (Closing $one): array => [
            'key' => $one->key, 'name' => $one->name, 'trade' => $one->trade, 'closesOn' => $one->closes_on->toDateString(),
            'rooms' => array_values(array_intersect($one->rooms, $rooms)), 'leadDays' => $one->lead_days,
            'fittingDays' => $one->fitting_days, 'closedAt' => self::time($one->closed_at),
        ])->values()->all();
    }

    public function read(Reading $reading, array $rows): void
    {
        foreach ($rows as $row) {
            $closing = Closing::query()->create([
                'site_job_id' => $reading->job->id, 'key' => $row['key'], 'name' => $row['name'], 'trade' => $row['trade'],
                'closes_on' => $reading->date($row['closesOn']), 'rooms' => $row['rooms'], 'lead_days' => $row['leadDays'],
                'fitting_days' => $row['fittingDays'], 'closed_at' => $reading->time($row['closedAt'] ?? null),
            ]);
            $reading->keep('closings', $row['key'], $closing->id);
        }
    }
}
