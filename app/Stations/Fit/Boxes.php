<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\Editing\OptimisticLock;
use App\Logbook\Logbook;
use App\Models\Circuit;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Pictures\Picture;
use App\Pictures\Pictures;
use App\Proving\Proofs;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Kavvel\Core\Fit\FoundBox;
use Kavvel\Core\Fit\SwitchedLoad;
use Kavvel\Core\Fit\TwoWayTest;

/** Writes down what was found where a device goes into the wall, and what was changed so that it fits. */
final readonly class Boxes
{
    public function __construct(
        private OptimisticLock $lock,
        private Logbook $logbook,
        private Pictures $pictures,
        private Proofs $proofs,
    ) {}

    /** @throws FitRefused */
    public function sayCircuit(SiteJob $job, Slot $slot, Circuit $circuit, User $person): void
    {
        $wall = $this->shut($job, $slot);
        $wall->fit->note(['circuit_id' => $circuit->id]);
        $this->logbook->write($job, $person, 'fit', "The {$slot->title()} hangs on “{$circuit->label}”.", $slot);
    }

    /** @throws FitRefused */
    public function noteBox(SiteJob $job, Slot $slot, int $seenVersion, FoundBox $box, User $person): void
    {
        $fit = $this->shut($job, $slot)->fit;
        $row = json_encode($box->row(), JSON_THROW_ON_ERROR);
        if ($fit->exists) {
            $this->lock->update($fit, $seenVersion, ['box' => $row], "the box of the {$slot->title()}", []);
        } else {
            $fit->note(['box' => $box->row()]);
        }
        $this->logbook->write($job, $person, 'fit', sprintf(
            'Looked into the box of the %s: %s mm deep, %d cables, %s.',
            $slot->title(),
            round($box->depthMm, 1),
            $box->cables,
            $box->neutral->words(),
        ), $slot);
    }

    /**
     * A spacer goes on it, or a bypass to the lamp.
     *
     * @throws FitRefused
     */
    public function change(SiteJob $job, Slot $slot, bool $hasSpacer, bool $hasBypass, User $person): void
    {
        $wall = $this->shut($job, $slot);
        $box = $wall->fit->foundBox() ?? throw FitRefused::needsBox();
        $changed = $hasSpacer ? $box->withSpacer($wall->boxFit?->spacerMm() ?? 0) : $box;
        $wall->fit->note(['box' => ($hasBypass ? $changed->withBypass() : $changed)->row()]);
        $words = $hasSpacer ? sprintf('a spacer of %d mm goes on its box', $changed->spacerMm) : 'a bypass goes to its lamp';
        $this->logbook->write($job, $person, 'fit', Str::ucfirst($slot->title()).": {$words}.", $slot);
    }

    /**
     * @param  list<SwitchedLoad>|null  $loads  null: what its circuit says
     *
     * @throws FitRefused
     */
    public function sayLoads(SiteJob $job, Slot $slot, ?array $loads, User $person): void
    {
        $fit = $this->shut($job, $slot)->fit;
        $fit->note(['loads' => $loads === null ? null : array_map(static fn (SwitchedLoad $one): array => $one->row(), $loads)]);
        $words = $loads === null
            ? 'what the register says of its circuit'
            : implode('; ', array_map(static fn (SwitchedLoad $one): string => $one->words(), $loads));
        $this->logbook->write($job, $person, 'fit', "The {$slot->title()} switches {$words}.", $slot);
    }

    /**
     * A lamp was tried on a dimmer: all of which nobody knew are like it.
     *
     * @throws FitRefused
     */
    public function dimmed(SiteJob $job, Slot $slot, bool $dims, User $person): void
    {
        $wall = $this->shut($job, $slot);
        $tried = array_map(static fn (SwitchedLoad $one): SwitchedLoad => $one->tried($dims), $wall->loads);
        $this->sayLoads($job, $slot, $tried, $person);
    }

    /** @throws FitRefused */
    public function twoWay(SiteJob $job, Slot $slot, ?TwoWayTest $test, User $person): void
    {
        $wall = WallWork::slotOf($job, $slot);
        $wall->mustBeOf($person);
        $fit = $wall->fit;
        $fit->note(['two_way' => $test?->row()]);
        $words = $test === null ? 'the readings at its common are taken back.' : Str::lcfirst($test->words());
        $this->logbook->write($job, $person, 'fit', Str::ucfirst($slot->title()).": {$words}", $slot);
    }

    /**
     * The box as it was found, before anything is loosened.
     *
     * @throws FitRefused
     */
    public function photograph(SiteJob $job, Slot $slot, string $picture, User $person): void
    {
        $wall = WallWork::slotOf($job, $slot);
        $wall->mustBeOf($person);
        $fit = $wall->fit;
        $before = $fit->picture;
        $fit->note(['picture' => $this->pictures->read($picture)->keep(Picture::BOXES, $job->id), 'picture_at' => now()]);
        if ($before !== null) {
            DB::afterCommit(static fn (): bool => Storage::disk('local')->delete($before));
        }
        $this->logbook->write($job, $person, 'fit', "Photographed the box of the {$slot->title()} as it was found.", $slot);
    }

    /**
     * It comes out again: it is fitted anew, with a proof of its own.
     *
     * @throws FitRefused while it is on its network
     */
    public function takeOut(SiteJob $job, Slot $slot, User $person): void
    {
        $wall = WallWork::slotOf($job, $slot);
        if ($wall->card->isIn()) {
            throw FitRefused::isOnItsNetwork();
        }
        if ($wall->fit->fitted_at !== null) {
            $wall->fit->comesOut();
            $this->proofs->movedByHand($slot);
            $this->logbook->write($job, $person, 'fit', "The {$slot->title()} comes out again.", $slot);
        }
    }

    /** @throws FitRefused while somebody works at the box, or where it is in */
    private function shut(SiteJob $job, Slot $slot): WallSlot
    {
        $wall = WallWork::slotOf($job, $slot);
        if ($wall->work?->box($slot->key)?->isOpen() === true) {
            throw FitRefused::isUnderWork();
        }

        return $wall->fit->fitted_at === null ? $wall : throw FitRefused::isFitted();
    }
}
