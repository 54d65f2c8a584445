<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\Models\Circuit;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\Detector;
use Kavvel\Core\Fit\SourceFound;

/** What the logbook says of an act at a circuit. */
final readonly class ActWords
{
    public static function of(Circuit $circuit, ActInput $input, ?WallSlot $slot, CircuitWork $work): string
    {
        $box = $slot === null ? '' : "the {$slot->card->called}";
        $volts = static fn (): string => round($input->volts(), 1).' V';
        $works = static fn (): string => $input->detector() === Detector::Works ? 'works' : 'fails';

        return match ($input->act) {
            CircuitAct::Accept => "May work on “{$circuit->label}”, and has read the maker’s sheet.",
            CircuitAct::Look => "“{$circuit->label}”, {$input->source()->words()}: ".($input->found() === SourceFound::Isolated
                ? 'there, and off and locked too.' : 'none.'),
            CircuitAct::Open => "Began at the box of {$box}: ".implode(', ', $work->box((string) $slot?->key())->conductors ?? []).'.',
            CircuitAct::DetectorBefore => "The detector {$works()} on a known source, before {$box}.",
            CircuitAct::ReadLive => "Read live at {$box}: {$volts()}.",
            CircuitAct::SwitchOff => "“{$circuit->label}” is switched off, at {$circuit->breaker}.",
            CircuitAct::Lock => "A lock is on “{$circuit->label}”.",
            CircuitAct::Tag => "A tag hangs on “{$circuit->label}”.",
            CircuitAct::ReadDead => "At {$box}: {$input->a} to {$input->b}, {$volts()}.",
            CircuitAct::DetectorAfter => "The detector {$works()} on a known source, after {$box}."
                .($work->box((string) $slot?->key())?->proved === null ? '' : ' Proved dead.'),
            CircuitAct::ProveAnew => "Proves {$box} dead anew.",
            CircuitAct::Fit => "{$slot?->card->title()} is in, and its box is shut.",
            CircuitAct::PutBack => "The box of {$box} is as it was found, and shut.",
            CircuitAct::Unlock => "Took the own lock off “{$circuit->label}”.",
            CircuitAct::Relieve => "Took the lock of {$input->of} off “{$circuit->label}”, and took over.",
            CircuitAct::Test => "“{$circuit->label}”, {$input->test}: {$input->reading}, ".($input->isPassed ? 'passed.' : 'failed.'),
            CircuitAct::SwitchOn => $work->off === null
                ? "The work at “{$circuit->label}” is given up: it was never off."
                : "“{$circuit->label}” is live again.",
        };
    }
}
