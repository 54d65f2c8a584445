<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Circuits\ChoiceCase;
use Kavvel\Core\Circuits\ChoiceKind;
use Kavvel\Core\Circuits\ChoiceOption;
use Kavvel\Core\Circuits\ControlChoice;
use Kavvel\Core\Circuits\Prices;
use Kavvel\Core\Circuits\SwitchPlace;

/** Writes down what was found at a circuit, and whether switch, lamps or plugs make it smart. */
final readonly class Choosing
{
    public function __construct(private OptimisticLock $lock, private Logbook $logbook) {}

    public static function reckon(SiteJob $job, Circuit $circuit): ControlChoice
    {
        return ControlChoice::of(new ChoiceCase($circuit->core(), $circuit->switchPlace(), Prices::of($job->prices ?? [])));
    }

    public function note(SiteJob $job, Circuit $circuit, int $seenVersion, SwitchPlace $place, User $person): void
    {
        $this->write($circuit, $seenVersion, ['place' => $place->row()]);
        $this->logbook->write($job, $person, 'plan', "Looked at the place of the switch of “{$circuit->label}”.");
    }

    /** @throws WiringRefused where it is ruled out */
    public function choose(SiteJob $job, Circuit $circuit, int $seenVersion, ChoiceKind $kind, User $person): void
    {
        $option = array_values(array_filter(
            self::reckon($job, $circuit)->options(),
            static fn (ChoiceOption $one): bool => $one->kind === $kind && $one->ruledOut === [],
        ))[0] ?? throw WiringRefused::nothingCanBe();
        $this->write($circuit, $seenVersion, [
            'place' => $circuit->switchPlace()->row(),
            'kind' => $kind->value, 'cost' => round($option->cost, 2), 'on' => now()->toDateString(),
        ]);
        $cost = number_format($option->cost, 0);
        $this->logbook->write($job, $person, 'plan', "Chose for “{$circuit->label}”: ".mb_strtolower($kind->words()).", {$cost}.");
    }

    /** @param array<string, mixed> $choice */
    private function write(Circuit $circuit, int $seenVersion, array $choice): void
    {
        $this->lock->update(
            $circuit,
            $seenVersion,
            ['choice' => json_encode($choice, JSON_THROW_ON_ERROR)],
            "the circuit “{$circuit->label}”",
            [],
        );
    }
}
