<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Survey\SurveyLens;
use Kavvel\Core\Circuits\Prices;

/** The register of circuits, what is wrong with it, and what makes each one smart. */
final readonly class CircuitsLens
{
    public function __construct(private PlanStore $plans) {}

    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $wiring = WiringSheet::of($sheet, $this->plans);
        $circuit = $asked->at === null ? null : $wiring->circuit($asked->at);

        return new Move(
            'survey.wiring.circuits-side',
            static fn (): array => [
                'wiring' => $wiring, 'circuit' => $circuit, 'sheet' => $sheet, 'prices' => Prices::of($sheet->job->prices ?? []),
            ],
            new Lens,
            middle: new Middle(
                'survey.wiring.circuits',
                static fn (): array => ['wiring' => $wiring, 'circuit' => $circuit],
                "{$wiring->version()} {$asked->at}",
                $sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Circuits->value,
            within: SurveyLens::Circuits->within(),
        );
    }
}
