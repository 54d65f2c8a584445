<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\Circuit;
use App\Models\Isolation;
use App\Models\SiteJob;
use App\Models\User;
use App\Proving\Proofs;
use Kavvel\Core\Fit\Act;
use Kavvel\Core\Fit\CircuitWork;
use Kavvel\Core\Fit\SiteTest;
use Kavvel\Core\Fit\Wire;
use Kavvel\Core\Fit\WorkRefused;

/** Writes the isolation record of a circuit, act by act; the core decides what may follow what. */
final readonly class CircuitActs
{
    public function __construct(private Logbook $logbook, private Proofs $proofs) {}

    /** @throws FitRefused */
    public function do(SiteJob $job, Circuit $circuit, ActInput $input, User $person): void
    {
        $wall = WallWork::of(JobSheet::of($job));
        $isolation = $wall->underWay[$circuit->key] ?? $this->tested($job, $circuit, $input) ?? new Isolation([
            'site_job_id' => $job->id, 'circuit_id' => $circuit->id, 'key' => (string) str()->ulid(), 'label' => $circuit->label,
            'begun_at' => now(), 'work' => CircuitWork::begin()->row(),
        ]);
        $act = Acting::now($person);
        $slot = $wall->slot($input->slot);
        if ($slot !== null && $slot->circuit?->id !== $circuit->id) {
            throw FitRefused::hangsElsewhere($slot->card->called, $circuit->label);
        }
        try {
            $work = $this->next($isolation->core(), $input, $slot, $act);
        } catch (WorkRefused $refused) {
            throw FitRefused::bySafety($refused->withTitles($wall->title(...)));
        }
        $isolation->fill(['work' => $work->row(), 'ended_at' => $work->isUnderWay() ? null : now()])->save();
        $this->logbook->write($job, $person, 'fit', ActWords::of($circuit, $input, $slot, $work), $slot?->card->slot);
        $this->follow($job, $circuit, $input, $slot, $work, $person);
    }

    /** What is tested after the circuit is live belongs to the work that has ended. */
    private function tested(SiteJob $job, Circuit $circuit, ActInput $input): ?Isolation
    {
        return $input->act === CircuitAct::Test
            ? $job->isolations()->where('circuit_id', $circuit->id)->whereNotNull('ended_at')->latest('id')->first()
            : null;
    }

    private function next(CircuitWork $work, ActInput $input, ?WallSlot $slot, Act $act): CircuitWork
    {
        $key = $slot?->key() ?? '';

        return match ($input->act) {
            CircuitAct::Accept => $work->accept($act),
            CircuitAct::Look => $work->look($input->source(), $input->found(), $act),
            CircuitAct::Open => $work->open($key, $this->conductors($slot), $act),
            CircuitAct::DetectorBefore => $work->proveBefore($key, $input->detector(), $act),
            CircuitAct::ReadLive => $work->readLive($key, $input->volts(), $act),
            CircuitAct::SwitchOff => $work->switchOff($act),
            CircuitAct::Lock => $work->lock($act),
            CircuitAct::Tag => $work->tag($act),
            CircuitAct::ReadDead => $work->readDead($key, $input->a, $input->b, $input->volts(), $act),
            CircuitAct::DetectorAfter => $work->proveAfter($key, $input->detector(), $act),
            CircuitAct::ProveAnew => $work->proveAnew($key, $act),
            CircuitAct::Fit => $this->fit($work, $slot, $act),
            CircuitAct::PutBack => $work->putBack($key, $act),
            CircuitAct::Unlock => $work->unlock($act),
            CircuitAct::Relieve => $work->relieve($input->of, $act),
            CircuitAct::Test => $work->test(new SiteTest($input->test, $input->reading, $input->isPassed, $act)),
            CircuitAct::SwitchOn => $work->switchOn($act),
        };
    }

    /** @return list<string> all that are noted */
    private function conductors(?WallSlot $slot): array
    {
        return array_map(static fn (Wire $wire): string => $wire->name, $slot?->fit->wireList() ?? []);
    }

    private function fit(CircuitWork $work, ?WallSlot $slot, Act $act): CircuitWork
    {
        if ($slot === null) {
            throw FitRefused::goesIntoNoWall();
        }
        $obstacle = $slot->core->obstacle();
        if ($obstacle !== null) {
            throw FitRefused::doesNotFit($obstacle);
        }

        return $work->fit($slot->key(), $slot->worksheet(), $act);
    }

    /** What follows from an act beside the record: a snag, or a device that is in. */
    private function follow(SiteJob $job, Circuit $circuit, ActInput $input, ?WallSlot $slot, CircuitWork $work, User $person): void
    {
        if ($input->act === CircuitAct::Test && ! $input->isPassed) {
            BoxSnags::raise($job, $slot, "Test failed on “{$circuit->label}”: {$input->test}, {$input->reading}.", $person);
        }
        if ($slot === null) {
            return;
        }
        $stopped = $work->box($slot->key())?->stopped;
        if ($input->act === CircuitAct::ReadDead && $stopped !== null) {
            BoxSnags::raise($job, $slot, "Not dead at the {$slot->card->called}: {$stopped} “{$circuit->label}” was off.", $person);
        }
        if ($input->act === CircuitAct::Fit) {
            $slot->fit->note([
                'fitted_at' => now(), 'fitted_by' => $person->name, 'minutes' => $work->box($slot->key())?->minutes(),
            ]);
            $this->proofs->movedByHand($slot->card->slot);
        }
    }
}
