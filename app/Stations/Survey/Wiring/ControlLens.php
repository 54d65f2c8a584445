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

/** Circuit by circuit and door by door: where the light can be switched, and what every key does. */
final readonly class ControlLens
{
    public function __construct(private PlanStore $plans) {}

    public function move(JobSheet $sheet, Asked $asked): Move
    {
        $wiring = WiringSheet::of($sheet, $this->plans);
        [$first, $rest] = [...explode(' ', (string) $asked->at, 2), ''];
        $circuit = $wiring->circuit($first);
        $entrance = $circuit === null ? null : $wiring->entrance($circuit->key, $rest);
        $control = $wiring->control((string) $asked->at);

        return new Move(
            'survey.wiring.control-side',
            static fn (): array => [
                'wiring' => $wiring, 'circuit' => $circuit, 'entrance' => $entrance, 'control' => $control,
                'buttons' => KeyPlan::buttons($sheet->job),
            ],
            new Lens,
            middle: new Middle(
                'survey.wiring.control',
                static fn (): array => ['wiring' => $wiring, 'at' => $asked->at],
                "{$wiring->version()} {$asked->at}",
                $sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Circuits->value,
            within: SurveyLens::Control->within(),
        );
    }
}
