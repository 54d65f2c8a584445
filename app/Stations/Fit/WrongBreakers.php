<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Models\User;
use Kavvel\Core\Fit\WorkRefused;

/** Puts the register right where a breaker does not kill what its label says. */
final readonly class WrongBreakers
{
    public function __construct(private Logbook $logbook) {}

    /**
     * The breaker that was switched off does not kill what its label says: it goes on again, it is a snag, and the register is
     * put right.
     *
     * @param  Circuit  $found  what feeds the box
     * @param  string|null  $breaker  its breaker, where it is another than its label says
     *
     * @throws FitRefused
     */
    public function correct(SiteJob $job, Circuit $circuit, string $slotKey, Circuit $found, ?string $breaker, User $person): void
    {
        if ($found->id === $circuit->id && ($breaker === null || $breaker === $circuit->breaker)) {
            throw FitRefused::sayBreaker();
        }
        $wall = WallWork::of(JobSheet::of($job));
        $slot = $wall->slot($slotKey) ?? throw FitRefused::goesIntoNoWall();
        $isolation = $wall->underWay[$circuit->key] ?? throw FitRefused::bySafety(WorkRefused::notOpened());
        $act = Acting::now($person);
        try {
            $work = $isolation->core()->notThisBreaker($slotKey, $act);
            if ($found->id !== $circuit->id) {
                $work = $work->putBack($slotKey, $act)->switchOn($act);
            }
        } catch (WorkRefused $refused) {
            throw FitRefused::bySafety($refused->withTitles($wall->title(...)));
        }
        $isolation->fill(['work' => $work->row(), 'ended_at' => $work->isUnderWay() ? null : now()])->save();
        $this->correctRegister($job, $circuit, $slot, $found, $breaker, $person);
    }

    private function correctRegister(SiteJob $job, Circuit $circuit, WallSlot $slot, Circuit $found, ?string $breaker, User $person): void
    {
        $at = $circuit->breaker === '' ? "“{$circuit->label}”" : "{$circuit->breaker}, “{$circuit->label}”,";
        $isOther = $found->id !== $circuit->id;
        $feeds = $isOther ? "it hangs on “{$found->label}”" : "it is {$breaker}";
        BoxSnags::raise($job, $slot, "{$at} does not kill the {$slot->card->called}: {$feeds}. Put the label at the board right.", $person);
        if ($isOther) {
            $slot->fit->note(['circuit_id' => $found->id]);
        } elseif ($breaker !== null) {
            $others = $job->circuits()->whereKeyNot($circuit->id)->where('breaker', $breaker);
            $others->update(['breaker' => '', 'lock_version' => $job->getConnection()->raw('lock_version + 1')]);
            $circuit->fill(['breaker' => $breaker, 'lock_version' => $circuit->lock_version + 1])->save();
        }
        $said = "{$at} does not kill the {$slot->card->called}: {$feeds}. The register is corrected.";
        $this->logbook->write($job, $person, 'fit', $said, $slot->card->slot);
    }
}
