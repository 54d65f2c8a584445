<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;

/**
 * Holds the wants of a job against its plan and the catalogue: what is there, what to plan, what nothing serves, and what nobody
 * asked for.
 */
final readonly class WantsCheck
{
    /** Demands of one room are bits of a number; a room with more is taken in parts */
    private const AT_ONCE = 60;

    /** @var list<Profile> */
    private array $catalogue;

    /** @var array<string, int> how many devices the job has, by "protocol …" and "model …" */
    private array $inUse;

    /**
     * @param  list<Profile>  $catalogue  that suit the region of the job
     * @param  list<PlannedDevice>  $devices
     */
    public function __construct(private Plan $plan, array $catalogue, private array $devices, private Reach $reach)
    {
        // Nobody buys a bridge for one want: what comes in behind one is planned by a person.
        $this->catalogue = array_values(array_filter($catalogue, static fn (Profile $profile): bool => ! $profile->isBridged));
        $inUse = [];
        foreach ($devices as $device) {
            foreach (["protocol {$device->profile->protocol->value}", "model {$device->profile->key}"] as $what) {
                $inUse[$what] = ($inUse[$what] ?? 0) + 1;
            }
        }
        $this->inUse = $inUse;
    }

    /**
     * @param  list<Want>  $wants
     * @param  list<string>  $leftOut  keys of demands that nobody is to be asked about again
     */
    public function of(array $wants, array $leftOut = []): WantsReport
    {
        $standings = $suggestions = $unmet = [];
        foreach ($this->byRoom($wants) as $room => $functions) {
            $room = (string) $room;
            $spots = RoomSpots::of($this->plan, $room);
            $demands = RoomDemands::of($spots, $functions, $this->devicesIn($room), $leftOut);
            foreach ($functions as $function) {
                $standings[WantsReport::cell($room, $function)] = $demands->standing($room, $function);
            }
            foreach ($demands->placeless as $function) {
                $unmet[] = new UnmetWant($room, $function, "There is no {$function->anchor()->missing()} on the plan.", true);
            }
            foreach (array_chunk($demands->open, self::AT_ONCE) as $some) {
                [$more, $never] = $this->suggest($spots, $some);
                array_push($suggestions, ...$more);
                foreach ($never as $function) {
                    $unmet[] = new UnmetWant($room, $function, $function->canBeSuggested()
                        ? 'Nothing in the catalogue does it.'
                        : 'Put the machine itself on the plan: by what it is reached decides the rest.');
                }
            }
        }

        return new WantsReport($standings, $suggestions, $unmet, $wants === [] ? [] : $this->unasked($wants));
    }

    /**
     * @param  list<Want>  $wants
     * @return array<array-key, list<WantedFunction>> by room, in the order of the plan
     */
    private function byRoom(array $wants): array
    {
        $rooms = array_fill_keys(array_keys($this->plan->rooms), []);
        foreach ($wants as $want) {
            if (isset($rooms[$want->room])) {
                $rooms[$want->room][$want->function->value] = $want->function;
            }
        }

        return array_filter(array_map(array_values(...), $rooms));
    }

    /** @return list<PlannedDevice> */
    private function devicesIn(string $room): array
    {
        return array_values(array_filter($this->devices, static fn (PlannedDevice $device): bool => $device->room === $room));
    }

    /**
     * @param  list<Demand>  $demands
     * @return array{list<Suggestion>, list<WantedFunction>} and what nothing serves
     */
    private function suggest(RoomSpots $spots, array $demands): array
    {
        $possible = $never = [];
        foreach ($demands as $demand) {
            if ($demand->function->canBeSuggested() && array_filter($this->catalogue, $demand->isServedBy(...)) !== []) {
                $possible[] = $demand;
            } else {
                $never[$demand->function->value] = $demand->function;
            }
        }
        $demands = $possible;
        $candidates = $this->candidates($spots, $demands);
        $advice = new ProtocolAdvice($this->reach, $this->inUse);
        $chosen = FewestDevices::of(count($demands), $candidates);
        usort($chosen, static fn (Candidate $a, Candidate $b): int => ($a->mask & -$a->mask) <=> ($b->mask & -$b->mask));

        $suggestions = [];
        $plan = $this->plan;
        foreach ($chosen as $one) {
            $spot = $one->opening === null ? RoomSpots::of($plan, $spots->room->key)->at($one->profile->spot) : $one->spot;
            $plan = $plan->withThing(new Thing('slots', "new {$one->id()}", '', $spots->room->key, [
                $spot->place->x, $spot->place->y, $spot->place->z,
            ]));
            $suggestions[] = new Suggestion(
                "{$spots->room->key} {$one->id()}",
                $spots->room->key,
                $one->profile,
                $spot,
                $one->functions(),
                $advice->reason($one, $candidates),
                $advice->cautions($one),
                $this->reach->bestDb($one->profile, $spot),
                array_map(static fn (Demand $demand): string => $demand->key($spots->room->key), $one->demands),
            );
        }

        return [$suggestions, array_values($never)];
    }

    /**
     * Every kind of device at every place that something is wanted at. At an opening it serves the room as well.
     *
     * @param  list<Demand>  $demands
     * @return list<Candidate>
     */
    private function candidates(RoomSpots $spots, array $demands): array
    {
        $places = [];
        foreach ($demands as $demand) {
            $places[$demand->at()] = $demand->opening;
        }
        $candidates = [];
        foreach ($places as $at => $opening) {
            foreach ($this->catalogue as $profile) {
                $served = array_filter($demands, static fn (Demand $one): bool => ($one->opening === null || $one->at() === $at)
                    && $one->isServedBy($profile));
                if (array_filter($served, static fn (Demand $one): bool => $one->at() === $at) !== []) {
                    $candidates[] = $this->candidate($spots, $opening, $profile, $served);
                }
            }
        }

        return $candidates;
    }

    /** @param array<int, Demand> $served by number */
    private function candidate(RoomSpots $spots, ?RoomOpening $opening, Profile $profile, array $served): Candidate
    {
        $spot = $opening === null ? $spots->at($profile->spot) : $spots->atOpening(self::frame($profile, $opening), $opening);


        return new Candidate(
            $opening,
            $profile,
            $spot,
            array_sum(array_map(static fn (int $number): int => 1 << $number, array_keys($served))),
            array_values($served),
            Drawbacks::of(
                $profile,
                $this->reach->isSpoken($profile),
                $this->reach->isAccepted($profile, $spot),
                count(WantedFunction::servedBy($profile)) - count($served),
                $this->inUse,
            ),
        );
    }

    private static function frame(Profile $profile, RoomOpening $opening): SpotKind
    {
        return match (true) {
            $profile->spot === SpotKind::Latch => SpotKind::Latch,
            $opening->isWindow() => SpotKind::Window,
            default => SpotKind::Door,
        };
    }

    /**
     * Relays are asked for by the mesh.
     *
     * @param  list<Want>  $wants
     * @return list<string>
     */
    private function unasked(array $wants): array
    {
        $wanted = $this->byRoom($wants);
        $unasked = array_filter($this->devices, static fn (PlannedDevice $device): bool => ! $device->profile->isMadeToRelay()
            && array_filter(
                $wanted[$device->room] ?? [],
                static fn (WantedFunction $function): bool => $function->isServedBy($device->profile),
            ) === []);

        return array_values(array_map(static fn (PlannedDevice $device): string => $device->slot, $unasked));
    }
}
