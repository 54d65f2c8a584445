<?php

declare(strict_types=1);

namespace App\Stations\Survey\Radio;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Coverage\BlasterSights;
use Kavvel\Core\Coverage\RelayPlan;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Sight;
use Kavvel\Core\Site\Polygon;
use Kavvel\Core\Site\RoomSide;
use Kavvel\Core\Site\Vec3;

/** From which sockets and shelves a blaster sees the infrared devices of a job. */
final readonly class InfraredSights
{
    private BlasterSights $sights;

    public function __construct(private JobSheet $sheet)
    {
        $geometry = $sheet->geometry;
        $building = $geometry->building();
        $side = new RoomSide($building->walls);
        $places = [];
        foreach ($geometry->points as $point) {
            if (BlasterSights::mayStandAt($point['purpose'], $point['mains'])) {
                $place = new Vec3($point['x'], $point['y'], $point['z']);
                $places[$point['key']] = BlasterSights::over($place, $geometry->storeyOfRoom($point['room'])['elevation']);
            }
        }
        $devices = array_map(
            static fn (SlotCard $card): Vec3 => $side->place($card->position(), new Polygon($geometry->rooms[$card->roomId]['outline'])),
            $sheet->ofProtocol(Protocol::Infrared),
        );
        $this->sights = new BlasterSights($building, $places, $devices);
    }

    public function fewest(): RelayPlan
    {
        return $this->sights->fewest();
    }

    /** @return array<array-key, Sight> from one point, by key of the slot */
    public function from(string $point): array
    {
        return $this->sights->from($point);
    }

    /**
     * The lines of sight from some points, as they are drawn on one storey.
     *
     * @param  list<string>  $points
     * @return list<array{float, float, float, float, string}> ends, and whether it is free or through a door
     */
    public function rays(array $points, string $storey): array
    {
        $rays = [];
        foreach ($points as $point) {
            foreach ($this->from($point) as $key => $sight) {
                [$from, $to] = [$this->sights->places[$point], $this->sights->devices[$key]];
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
}
