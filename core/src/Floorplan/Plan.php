<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** A plan as it stands: all by key. A change makes a new one. */
final readonly class Plan
{
    /** What a job file bears */
    private const MOST = ['storeys' => 50, 'rooms' => 1_000, 'walls' => 4_000, 'ducts' => 200];

    /**
     * @param  array<string, Storey>  $storeys  the highest first
     * @param  array<string, Room>  $rooms
     * @param  array<string, PlanWall>  $walls
     * @param  array<string, Duct>  $ducts
     * @param  array<string, Thing>  $things  by section and key: "points socket-1"
     */
    public function __construct(
        public array $storeys,
        public array $rooms = [],
        public array $walls = [],
        public array $ducts = [],
        public array $things = [],
    ) {
        foreach (self::MOST as $section => $most) {
            if (count($this->{$section}) > $most) {
                throw PlanRefused::tooMany($section, $most);
            }
        }
    }

    /** @param array<string, list<array<string, mixed>>> $rows by section, as row() of each writes them */
    public static function of(array $rows): self
    {
        $things = [];
        foreach (Thing::SECTIONS as $section) {
            foreach ($rows[$section] ?? [] as $row) {
                $things["{$section} {$row['key']}"] = Thing::of($section, $row);
            }
        }
        $storeys = self::byKey(array_map(Storey::of(...), $rows['storeys']));
        uasort($storeys, static fn (Storey $a, Storey $b): int => $b->level <=> $a->level);

        return new self(
            $storeys,
            self::byKey(array_map(Room::of(...), $rows['rooms'] ?? [])),
            self::byKey(array_map(PlanWall::of(...), $rows['walls'] ?? [])),
            self::byKey(array_map(Duct::of(...), $rows['ducts'] ?? [])),
            $things,
        );
    }

    /** @return array<string, array<string, array<string, mixed>>> rows by section and key */
    public function rows(): array
    {
        $rows = [
            'storeys' => array_map(static fn (Storey $one): array => $one->row(), $this->storeys),
            'rooms' => array_map(static fn (Room $one): array => $one->row(), $this->rooms),
            'walls' => array_map(static fn (PlanWall $one): array => $one->row(), $this->walls),
            'ducts' => array_map(static fn (Duct $one): array => $one->row(), $this->ducts),
            'points' => [], 'slots' => [], 'hubs' => [],
        ];
        foreach ($this->things as $thing) {
            $rows[$thing->section][$thing->key] = $thing->row();
        }

        return $rows;
    }

    /**
     * One element as its section writes it; null where there is none.
     *
     * @return array<string, mixed>|null
     */
    public function row(string $section, string $key): ?array
    {
        return in_array($section, Thing::SECTIONS, true)
            ? ($this->things["{$section} {$key}"] ?? null)?->row()
            : ($this->{$section}[$key] ?? null)?->row();
    }

    public function storey(string $key): Storey
    {
        return $this->storeys[$key] ?? throw PlanRefused::gone('That storey');
    }

    public function room(string $key): Room
    {
        return $this->rooms[$key] ?? throw PlanRefused::gone('That room');
    }

    public function wall(string $key): PlanWall
    {
        return $this->walls[$key] ?? throw PlanRefused::gone('That wall');
    }

    public function duct(string $key): Duct
    {
        return $this->ducts[$key] ?? throw PlanRefused::gone('That duct');
    }

    public function thing(string $section, string $key): Thing
    {
        return $this->things["{$section} {$key}"] ?? throw PlanRefused::gone('That');
    }

    /** Of those that lie lower, the highest. */
    public function storeyBelow(string $storey): ?Storey
    {
        $elevation = $this->storey($storey)->elevation;
        $below = array_filter($this->storeys, static fn (Storey $one): bool => $one->elevation < $elevation);
        usort($below, static fn (Storey $a, Storey $b): int => $b->elevation <=> $a->elevation);

        return $below[0] ?? null;
    }

    /** @return array<string, Room> by key */
    public function roomsOn(string $storey): array
    {
        return array_filter($this->rooms, static fn (Room $room): bool => $room->storey === $storey);
    }

    /** @return array<string, PlanWall> by key */
    public function wallsOn(string $storey): array
    {
        return array_filter($this->walls, static fn (PlanWall $wall): bool => $wall->storey === $storey);
    }

    /** @return array<string, Thing> */
    public function thingsIn(string $room): array
    {
        return array_filter($this->things, static fn (Thing $thing): bool => $thing->isInRoom() && $thing->home === $room);
    }

    /** The walled room that a place of a storey lies in, or the yard. */
    public function roomAt(string $storey, float $x, float $y): ?Room
    {
        $yard = null;
        foreach ($this->roomsOn($storey) as $room) {
            if ($room->polygon()->contains($x, $y)) {
                if ($room->kind->hasWalls()) {
                    return $room;
                }
                $yard = $room;
            }
        }

        return $yard;
    }

    public function withRoom(Room $room): self
    {
        return $this->with(rooms: array_replace($this->rooms, [$room->key => $room]));
    }

    public function withStorey(Storey $storey): self
    {
        $storeys = array_replace($this->storeys, [$storey->key => $storey]);
        uasort($storeys, static fn (Storey $a, Storey $b): int => $b->level <=> $a->level);

        return $this->with(storeys: $storeys);
    }

    public function withWall(PlanWall $wall): self
    {
        return $this->with(walls: array_replace($this->walls, [$wall->key => $wall]));
    }

    public function withThing(Thing $thing): self
    {
        return $this->with(things: array_replace($this->things, ["{$thing->section} {$thing->key}" => $thing]));
    }

    /**
     * @param  array<string, Storey>|null  $storeys
     * @param  array<string, Room>|null  $rooms
     * @param  array<string, PlanWall>|null  $walls
     * @param  array<string, Duct>|null  $ducts
     * @param  array<string, Thing>|null  $things
     */
    public function with(
        ?array $storeys = null,
        ?array $rooms = null,
        ?array $walls = null,
        ?array $ducts = null,
        ?array $things = null,
    ): self {
        return new self(
            $storeys ?? $this->storeys,
            $rooms ?? $this->rooms,
            $walls ?? $this->walls,
            $ducts ?? $this->ducts,
            $things ?? $this->things,
        );
    }

    /**
     * @template T of Storey|Room|PlanWall|Duct
     *
     * @param  list<T>  $all
     * @return array<string, T>
     */
    private static function byKey(array $all): array
    {
        return array_column(array_map(static fn (object $one): array => [$one->key, $one], $all), 1, 0);
    }
}
