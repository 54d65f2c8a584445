<?php

declare(strict_types=1);

namespace App\Stations\Fit;

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
        $fit = $this->unmeasured($job, $slot, $person);
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
        $fit = $this->unmeasured($job, $slot, $person);
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
        $wall = WallWork::slotOf($job, $slot);
        $wall->mustBeOf($person);
        $fit = $wall->fit;
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
        $fit->note(['wires' => array_map(static fn (Wire $one): array => $one->row(), array_values($wires))]);
    }

    /** @throws FitRefused once they are measured: what is proved dead is this list */
    private function unmeasured(SiteJob $job, Slot $slot, User $person): SlotFit
    {
        $wall = WallWork::slotOf($job, $slot);
        $wall->mustBeOf($person);

        return $wall->work?->box($slot->key)?->isOpen() === true ? throw FitRefused::isMeasured() : $wall->fit;
    }
}
