<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\Models\RoomHeating;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\SurveyLens;
use Kavvel\Core\Circuits\Prices;
use Kavvel\Core\Heating\CentreMix;
use Kavvel\Core\Heating\HeatingZones;
use Kavvel\Core\Heating\Zone;

/** Heating zones, where their thermostats would hang, and the wiring centres that hold them. */
final readonly class HeatingLens
{
    public function __construct(private PlanStore $plans) {}

    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $heatings = $sheet->job->roomHeatings()->orderBy('id')->get()->keyBy('room');
        $rooms = array_values($heatings->map(static fn (RoomHeating $one) => $one->core())->all());
        $zones = HeatingZones::of($this->plans->read($sheet->job), $rooms);
        $water = count(array_filter($zones, static fn (Zone $zone): bool => $zone->isWater()));
        $prices = Prices::of($sheet->job->prices ?? []);
        $room = array_values(array_filter($sheet->geometry->rooms, static fn (array $one): bool => $one['key'] === $asked->at))[0] ?? null;

        return new Move(
            'survey.wiring.heating-side',
            static fn (): array => [
                'zones' => $zones, 'water' => $water, 'prices' => $prices, 'room' => $room, 'sheet' => $sheet,
                'heating' => $room === null ? null : $heatings->get($room['key']),
                'mix' => CentreMix::of($water, $prices->get('centre_small'), $prices->get('centre_large')),
            ],
            new Lens,
            middle: new Middle(
                'survey.wiring.heating',
                static fn (): array => ['zones' => $zones, 'sheet' => $sheet, 'room' => $room, 'heatings' => $heatings],
                serialize([$zones, $sheet->job->plan_version, $asked->at]),
                $sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Circuits->value,
            within: SurveyLens::Heating->within(),
        );
    }
}
