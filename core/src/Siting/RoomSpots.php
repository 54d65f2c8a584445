<?php

declare(strict_types=1);

namespace Kavvel\Core\Siting;

use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\Shape;
use Kavvel\Core\Floorplan\Storey;
use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Site\SpotKind;
use Kavvel\Core\Site\Vec3;

/** Where the devices of a room would go: at its openings, or where the usual rules of siting put them (RULES 9.6). */
final readonly class RoomSpots
{
    /** A key beside a door is this far from it, in metres */
    private const BESIDE_A_DOOR_M = 0.15;

    /** A contact sits under the head of its opening, in metres */
    private const UNDER_THE_HEAD_M = 0.1;

    /** A place is taken where a device is nearer than this, in metres */
    public const TAKEN_M = 0.3;

    /** In the middle of a room devices keep this far from one another, in metres */
    private const ASIDE_M = 0.5;

    /** Farther from an opening than this a device is for none (assumption): a point for a blind is in the wall beside it */
    private const AT_AN_OPENING_M = 0.6;

    /** How many times a place is looked for farther along */
    private const TRIES = 6;

    /** @param list<RoomOpening> $openings */
    private function __construct(private Plan $plan, public Room $room, private Storey $storey, public array $openings) {}

    public static function of(Plan $plan, string $room): self
    {
        $room = $plan->room($room);
        $openings = [];
        foreach ($plan->wallsOn($room->storey) as $wall) {
            foreach (array_keys($wall->openings) as $number) {
                $openings[] = RoomOpening::of($plan, $wall, $number, $room);
            }
        }

        return new self($plan, $room, $plan->storey($room->storey), array_values(array_filter($openings)));
    }

    /** @return list<RoomOpening> */
    public function windows(): array
    {
        return array_values(array_filter($this->openings, static fn (RoomOpening $one): bool => $one->isWindow()));
    }

    /** @return list<RoomOpening> doors that lead out of the house */
    public function outerDoors(): array
    {
        return array_values(array_filter($this->openings, static fn (RoomOpening $one): bool => $one->isDoor() && $one->leadsOut()));
    }

    /** On the frame of an opening, or at its lock. */
    public function atOpening(SpotKind $kind, RoomOpening $opening): Spot
    {
        $height = $kind->usualHeightM() ?? $opening->opening->head - self::UNDER_THE_HEAD_M;

        return new Spot($kind, $this->called($opening), $this->up($opening->before(), $height));
    }

    public function at(SpotKind $kind): Spot
    {
        $point = $kind === SpotKind::Socket ? $this->freeSocket() : null;
        if ($point !== null) {
            return new Spot($kind, $kind->place(), new Vec3(...$point->position), $point->key);
        }
        $height = $kind->usualHeightM() ?? $this->room->height ?? $this->storey->height;
        $walls = new WallPlaces($this->room, $this->openings, $this->plan, $this->takenAt($this->storey->elevation + $height));
        $place = match ($kind) {
            SpotKind::Ceiling, SpotKind::Floor, SpotKind::Appliance => $this->middle($walls),
            SpotKind::Corner => $walls->cornerAwayFromWindows(),
            SpotKind::Entrance => $this->besideTheWayIn($walls) ?? $walls->free(),
            SpotKind::Radiator => ($this->windows()[0] ?? null)?->before() ?? $walls->free(),
            default => $walls->free(),
        };

        return new Spot($kind, $kind->place(), $this->up($place, $height));
    }

    /** Where a key beside this opening would be. */
    public function beside(RoomOpening $opening): Vec3
    {
        $height = SpotKind::Entrance->usualHeightM() ?? 0.0;
        $walls = new WallPlaces($this->room, $this->openings, $this->plan, $this->takenAt($this->storey->elevation + $height));

        return $this->up(self::freeBeside($opening, $walls), $height);
    }

    /** Where one more of the kind would go: at the first opening that has none, or at its place in the room. */
    public function usual(SpotKind $kind): Spot
    {
        $openings = match ($kind) {
            SpotKind::Window => $this->windows(),
            SpotKind::Door, SpotKind::Latch => $this->outerDoors() ?: array_values(array_filter(
                $this->openings,
                static fn (RoomOpening $one): bool => $one->isDoor(),
            )),
            default => [],
        };
        $spots = array_map(fn (RoomOpening $one): Spot => $this->atOpening($kind, $one), $openings);
        foreach ($spots as $spot) {
            $near = array_filter($this->slots(), static fn (Vec3 $slot): bool => $slot->distanceTo($spot->place) < self::TAKEN_M);
            if ($near === []) {
                return $spot;
            }
        }

        return $spots[0] ?? $this->at($kind);
    }

    /**
     * The opening that a device at this place is for: the nearest, where one is near.
     *
     * @param  array{float, float}  $place
     */
    public function openingAt(array $place): ?RoomOpening
    {
        $best = null;
        $nearest = self::AT_AN_OPENING_M;
        foreach ($this->openings as $one) {
            $away = $one->distanceTo($place);
            if ($away <= $nearest) {
                [$best, $nearest] = [$one, $away];
            }
        }

        return $best;
    }

    /** The way in: from outside, else the first door, else a gap. */
    public function entrance(): ?RoomOpening
    {
        $ways = array_filter($this->openings, static fn (RoomOpening $one): bool => ! $one->isWindow());
        usort($ways, static fn (RoomOpening $a, RoomOpening $b): int => [$b->isDoor() && $b->leadsOut(), $b->isDoor()]
            <=> [$a->isDoor() && $a->leadsOut(), $a->isDoor()]);

        return $ways[0] ?? null;
    }

    /** "window 2"; without a number where it is the only one of its kind */
    public function called(RoomOpening $opening): string
    {
        $alike = array_values(array_filter($this->openings, static fn (RoomOpening $one): bool => $opening->isWindow()
            ? $one->isWindow()
            : $one->isDoor() && $one->leadsOut()));
        $number = array_search($opening->id, array_map(static fn (RoomOpening $one): string => $one->id, $alike), true);
        $word = $opening->isWindow() ? 'window' : 'door';

        return count($alike) > 1 && $number !== false ? $word.' '.($number + 1) : $word;
    }

    /** @return array{float, float} */
    private function middle(WallPlaces $walls): array
    {
        $middle = Shape::inside($this->room->outline);
        for ($aside = 0; $aside < self::TRIES; $aside++) {
            foreach ([1, -1] as $way) {
                $place = Shape::moved($middle, $way * $aside * self::ASIDE_M, 0.0);
                if ($walls->isFree($place)) {
                    return $place;
                }
            }
        }

        return $middle;
    }

    /** @return array{float, float}|null */
    private function besideTheWayIn(WallPlaces $walls): ?array
    {
        $entrance = $this->entrance();

        return $entrance === null ? null : self::freeBeside($entrance, $walls);
    }

    /** @return array{float, float} */
    private static function freeBeside(RoomOpening $opening, WallPlaces $walls): array
    {
        for ($along = 0; $along < self::TRIES; $along++) {
            $place = $opening->beside(self::BESIDE_A_DOOR_M + $along * self::TAKEN_M);
            if ($walls->isFree($place)) {
                return $place;
            }
        }

        return $opening->beside(self::BESIDE_A_DOOR_M);
    }

    private function freeSocket(): ?Thing
    {
        foreach ($this->plan->thingsIn($this->room->key) as $thing) {
            $isTaken = array_filter(
                $this->slots(),
                static fn (Vec3 $slot): bool => $slot->distanceTo(new Vec3(...$thing->position)) < self::TAKEN_M,
            ) !== [];
            if ($thing->section === 'points' && ($thing->facts['mains'] ?? false) === true && ! $isTaken) {
                return $thing;
            }
        }

        return null;
    }

    /** @return list<Vec3> places of the devices that the room has */
    private function slots(): array
    {
        $slots = array_filter($this->plan->thingsIn($this->room->key), static fn (Thing $thing): bool => $thing->section === 'slots');

        return array_values(array_map(static fn (Thing $slot): Vec3 => new Vec3(...$slot->position), $slots));
    }

    /** @return list<array{float, float}> where something is at about this height */
    private function takenAt(float $z): array
    {
        $near = array_filter($this->slots(), static fn (Vec3 $slot): bool => abs($slot->z - $z) < self::TAKEN_M);

        return array_values(array_map(static fn (Vec3 $slot): array => [$slot->x, $slot->y], $near));
    }

    /** @param array{float, float} $place */
    private function up(array $place, float $heightM): Vec3
    {
        return new Vec3($place[0], $place[1], Shape::millimetres($this->storey->elevation + $heightM));
    }
}
