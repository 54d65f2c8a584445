<?php

declare(strict_types=1);

namespace App\Stations\Survey\Wiring;

use App\Floorplan\PlanStore;
use App\JobSheet\Catalogue;
use App\JobSheet\JobSheet;
use App\Logbook\Logbook;
use App\Models\Circuit;
use App\Models\KeyUse;
use App\Models\LeftOut;
use App\Models\SiteJob;
use App\Models\User;
use App\Stations\Survey\SlotEditor;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Circuits\Grip;
use Kavvel\Core\Circuits\KeyEffect;
use Kavvel\Core\Circuits\Press;
use Kavvel\Core\Circuits\Way;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Wants\WantedFunction;

/** Key by key, what the controls of a job do. */
final readonly class KeyPlan
{
    public function __construct(private PlanStore $plans, private SlotEditor $slots, private Logbook $logbook) {}

    /** @throws WiringRefused */
    public function add(SiteJob $job, Circuit $circuit, Grip $grip, User $person): void
    {
        $known = WiringSheet::of(JobSheet::of($job), $this->plans)->control($grip->control) ?? throw WiringRefused::noControl();
        if ($grip->room !== null && ! in_array($grip->room, $circuit->rooms, true)) {
            throw WiringRefused::noRoomOf($circuit->label);
        }
        $written = KeyUse::query()->insertOrIgnore([
            'company_id' => $job->company_id, 'site_job_id' => $job->id, 'control' => $grip->control, 'number' => $grip->number,
            'press' => $grip->press->value, 'circuit_id' => $circuit->id, 'effect' => $grip->effect->value, 'way' => $grip->way->value,
            'room' => $grip->room ?? '',
        ]);
        if ($written === 0) {
            throw WiringRefused::isNotedAlready();
        }
        $this->logbook->write($job, $person, 'plan', sprintf(
            '%s, key %d, %s: “%s” %s, %s.',
            $known->name,
            $grip->number,
            $grip->press->words(),
            $circuit->label,
            $grip->effect->words(),
            $grip->way->words(),
        ));
    }

    public function remove(SiteJob $job, KeyUse $use, User $person): void
    {
        $use->delete();
        $this->logbook->write($job, $person, 'plan', "Took key {$use->number} off the circuit “{$use->circuit->label}”.");
    }

    /**
     * A new button beside a door, whose first key switches the circuit.
     *
     * @param  Way|null  $seen  how the circuit was switched there when the person asked for it
     *
     * @throws WiringRefused
     */
    public function planButton(SiteJob $job, Circuit $circuit, string $at, string $profile, ?Way $seen, User $person): void
    {
        $sheet = JobSheet::of($job);
        $wiring = WiringSheet::of($sheet, $this->plans);
        $entrance = $wiring->entrance($circuit->key, $at) ?? throw WiringRefused::entranceIsGone();
        if ($entrance->best() !== $seen) {
            throw WiringRefused::isSwitchedThereByNow();
        }
        [$id, $button] = self::button($job, $profile);
        $spots = RoomSpots::of($wiring->plan, $entrance->room);
        $door = array_values(array_filter($spots->openings, static fn (RoomOpening $one): bool => $one->id === $entrance->opening))[0];
        $place = $spots->beside($door);
        $slot = $this->slots->add($job, [
            'room_id' => array_column($sheet->geometry->rooms, 'id', 'key')[$entrance->room],
            'point_id' => null,
            'profile_id' => $id,
            'place' => SpotKind::Entrance->place(),
            'what' => 'button',
            'x' => $place->x,
            'y' => $place->y,
            'z' => $place->z,
            'mounting' => $button->usualMounting()->value,
            'feed' => null,
            'note' => null,
        ], $person);
        $way = $button->protocol === Protocol::WiredBus ? Way::Direct : Way::Hub;
        $room = $wiring->isOneLight($circuit->key) ? null : $entrance->room;
        $this->add($job, $circuit, new Grip("slot {$slot->key}", 1, Press::Once, $circuit->key, KeyEffect::Toggle, $way, $room), $person);
    }

    /**
     * The client does without a switch there, or wants one after all.
     *
     * @throws WiringRefused
     */
    public function leaveDark(SiteJob $job, Circuit $circuit, string $at, bool $isLeft, User $person): void
    {
        $wiring = WiringSheet::of(JobSheet::of($job), $this->plans);
        $entrance = $wiring->entrance($circuit->key, $at) ?? throw WiringRefused::entranceIsGone();
        $demand = LeftOut::dark($circuit->key, $entrance->room, $entrance->opening);
        if ($isLeft) {
            LeftOut::query()->insertOrIgnore(['company_id' => $job->company_id, 'site_job_id' => $job->id, 'demand' => $demand]);
        } else {
            $job->leftOut()->where('demand', $demand)->delete();
        }
        $this->logbook->write($job, $person, 'plan', "“{$circuit->label}”, {$wiring->way($entrance)}: ".($isLeft
            ? 'it may stay dark there.' : 'it is to be switched there after all.'));
    }

    /** @return array<string, Profile> buttons of the catalogue, by key */
    public static function buttons(SiteJob $job): array
    {
        $buttons = array_filter(
            Catalogue::of($job->region),
            static fn (Profile $one): bool => WantedFunction::Key->isServedBy($one) && $one->suits($job->region),
        );

        return array_column($buttons, null, 'key');
    }

    /** @return array{int, Profile} */
    private static function button(SiteJob $job, string $key): array
    {
        foreach (Catalogue::of($job->region) as $id => $profile) {
            if ($profile->key === $key && isset(self::buttons($job)[$key])) {
                return [$id, $profile];
            }
        }
        throw WiringRefused::needsAProfile();
    }
}
