<?php

declare(strict_types=1);

namespace App\Stations\Survey\Radio;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Coverage\FewestPlaces;
use Kavvel\Core\Coverage\RelayPlan;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Sight;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Polygon;
use Kavvel\Core\Site\RoomSide;
use Kavvel\Core\Site\Vec3;

/** From which sockets and shelves a blaster sees the infrared devices of a job. */
final readonly class InfraredSights
{
    /** A blaster stands on a shelf or a cupboard: this high over the floor, in metres (assumption) */
    private const SHELF_M = 1.2;

    /** Points that have a surface, or a wall to stand against, beside their power */
    private const PURPOSES = ['socket', 'shelf'];

    private Building $building;

    /** @var array<string, Vec3> places of the devices by key of the slot */
    private array $devices;

    public function __construct(private JobSheet $sheet)
    {
        $this->building = $sheet->geometry->building();
        $side = new RoomSide($this->building->walls);
        $this->devices = array_map(
            static fn (SlotCard $card): Vec3 => $side->place(
                $card->position(),
                new Polygon($sheet->geometry->rooms[$card->roomId]['outline']),
            ),
            $sheet->ofProtocol(Protocol::Infrared),
        );
    }

    /** The fewest points from which all devices are seen that can be. */
    public function fewest(): RelayPlan
    {
        $seen = [];
        foreach ($this->points() as $key => $place) {
            $seen[$key] = array_map(strval(...), array_keys(array_filter(
                $this->devices,
                fn (Vec3 $device): bool => Sight::between($this->building, $place, $device)->isFree(),
            )));
        }

        return FewestPlaces::of($seen, array_map(strval(...), array_keys($this->devices)));
    }

    /** @return array<string, Sight> from one point, by key of the slot */
    public function from(string $point): array
    {
        $place = $this->points()[$point] ?? null;

        return $place === null ? [] : array_map(
            fn (Vec3 $device): Sight => Sight::between($this->building, $place, $device),
            $this->devices,
        );
    }

    /**
     * The lines of sight from some points, as they are drawn on one storey.
     *
     * @param  list<string>  $points
     * @return list<array{float, float, float, float, string}> ends, and whether it is free, through a door or blocked
     */
    public function rays(array $points, string $storey): array
    {
        $rays = [];
        foreach ($points as $point) {
            foreach ($this->from($point) as $key => $sight) {
                [$from, $to] = [$this->points()[$point], $this->devices[$key]];
                if ($this->sheet->cards[$key]->storey === $storey && $sight->isFree()) {
                    $rays[] = [$from->x, $from->y, $to->x, $to->y, $sight->doors === [] ? 'free' : 'door'];
                }
            }
        }

        return $rays;
    }

    /** "Hall, socket" */
    public function nameOf(string $point): string
    {
        foreach ($this->sheet->geometry->points as $one) {
            if ($one['key'] === $point) {
                return $this->sheet->geometry->roomTitle($this->sheet->geometry->rooms[$one['room']]).", {$one['purpose']} {$point}";
            }
        }

        return $point;
    }

    /** @return array<string, Vec3> by key */
    private function points(): array
    {
        $places = [];
        foreach ($this->sheet->geometry->points as $point) {
            if ($point['mains'] && in_array($point['purpose'], self::PURPOSES, true)) {
                $floor = $this->sheet->geometry->storeyOfRoom($point['room'])['elevation'];
                $places[$point['key']] = new Vec3($point['x'], $point['y'], max($point['z'], $floor + self::SHELF_M));
            }
        }

        return $places;
    }
}
