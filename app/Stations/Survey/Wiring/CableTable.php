<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Floorplan\PlanStore;
use App\Models\SiteJob;
use App\Tables\Csv;
use Kavvel\Core\Cabling\HouseCables;

/** The cable schedule in RFC 4180, a row for every run. */
final readonly class CableTable
{
    public function __construct(private PlanStore $plans) {}

    public function text(SiteJob $job): string
    {
        return Csv::text($this->rows($job));
    }

    /** @return iterable<list<string>> */
    private function rows(SiteJob $job): iterable
    {
        $plan = $this->plans->read($job);
        $cables = HouseCables::of($plan);
        $drums = [];
        foreach ($cables->schedule->drums ?? [] as $number => $drum) {
            foreach ($drum->runs as $run) {
                $drums[$run->id] = $number + 1;
            }
        }
        yield ['label', 'storey', 'room', 'purpose', 'cable', 'colour', 'length_m', 'way', 'drum'];
        foreach ($cables->points as $point) {
            $room = $plan->room($point->room);
            for ($run = 1; $run <= $point->count; $run++) {
                $id = $point->count === 1 ? $point->label : "{$point->label}/{$run}";
                $length = $cables->lengthM($point);
                yield [
                    $id, $plan->storey($room->storey)->name, $room->name, $point->purpose, $point->cable->value, $point->cable->colour(),
                    $length === null ? '' : sprintf('%.1F', $length),
                    match ($cables->drawn[$point->key] ?? null) {
                        true => 'drawn',
                        false => 'reckoned',
                        null => '',
                    },
                    (string) ($drums[$id] ?? ''),
                ];
            }
        }
    }
}
