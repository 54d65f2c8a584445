<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\SlotFit;
use App\Models\User;
use Illuminate\Support\Str;
use Kavvel\Core\Fit\Wire;

/** Writes the conductor worksheet of a box. */
final readonly class Wires
{
    public function __construct(private Logbook $logbook) {}

    /**
     * One more conductor; of a colour that is there already the next one gets a number.
     *
     * @throws FitRefused
     */
    public function add(SiteJob $job, Slot $slot, string $colour, User $person): void
    {
        $fit = $this->unmeasured($job, $slot);
        $taken = array_map(static fn (Wire $one): string => $one->name, $fit->wireList());
        $name = $colour;
        for ($n = 2; in_array($name, $taken, true); $n++) {
            $name = "{$colour} {$n}";
        }
        $this->write($fit, [...$fit->wireList(), new Wire($name)]);
        $this->logbook->write($job, $person, 'fit', "A {$name} conductor is in the box of the {$slot->title()}.", $slot);
    }

    /** @throws FitRefused */
    public function remove(SiteJob $job, Slot $slot, string $name, User $person): void
    {
        $fit = $this->unmeasured($job, $slot);
        $this->write($fit, array_filter($fit->wireList(), static fn (Wire $one): bool => $one->name !== $name));
        $this->logbook->write($job, $person, 'fit', "No {$name} conductor is in the box of the {$slot->title()} after all.", $slot);
    }

    /**
     * What one is, how that is known, where it was and where it goes.
     *
     * @throws FitRefused
     */
    public function settle(SiteJob $job, Slot $slot, Wire $wire, User $person): void
    {
        $fit = $this->own($job, $slot, $person)->fit;
        $wires = $fit->wireList();
        $at = array_search($wire->name, array_map(static fn (Wire $one): string => $one->name, $wires), true);
        if ($at === false) {
            throw FitRefused::wireIsGone($wire->name);
        }
        $wires[$at] = $wire;
        $this->write($fit, $wires);
        $said = array_filter([
            $wire->role?->words(),
            $wire->evidence === null ? null : "known by: {$wire->evidence->words()}",
            $wire->wasAt === '' ? null : "was at {$wire->wasAt}",
            $wire->goesTo === null ? null : 'goes '.Wire::placeWords($wire->goesTo),
            $wire->goesTo === Wire::CAPPED && $wire->isFarEndSafe ? 'its other end safe too' : null,
        ]);
        $name = Str::ucfirst($wire->name);
        $this->logbook->write($job, $person, 'fit', "{$name} at the {$slot->title()}: ".implode(', ', $said).'.', $slot);
    }

    /** @param array<int, Wire> $wires */
    private function write(SlotFit $fit, array $wires): void
    {
        $fit->fill([
            'wires' => array_map(static fn (Wire $one): array => $one->row(), array_values($wires)),
            'lock_version' => $fit->exists ? $fit->lock_version + 1 : 1,
        ])->save();
    }

    /** @throws FitRefused */
    private function wall(SiteJob $job, Slot $slot): WallSlot
    {
        return WallWork::of(JobSheet::of($job))->slot($slot->key) ?? throw FitRefused::goesIntoNoWall();
    }

    /** @throws FitRefused where it is in, or another works at its box */
    private function own(SiteJob $job, Slot $slot, User $person): WallSlot
    {
        $wall = $this->wall($job, $slot);
        $wall->mustBeOf($person);

        return $wall;
    }

    /** @throws FitRefused once they are measured: what is proved dead is this list */
    private function unmeasured(SiteJob $job, Slot $slot): SlotFit
    {
        $wall = $this->wall($job, $slot);

        return $wall->work?->box($slot->key)?->isOpen() === true ? throw FitRefused::isMeasured() : $wall->fit;
    }
}
