<?php

declare(strict_types=1);

namespace App\Stations\Survey\Rooms;

use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Floorplan\LayerText;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\PlanWall;
use Kavvel\Core\Floorplan\Room;
use Kavvel\Core\Floorplan\RoomMeasure;
use Kavvel\Core\Floorplan\Storey;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Radio\LayerLoss;
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Radio\Transceiver;

/** What stands beside the plan about the thing in hand, as numbers. */
final readonly class RoomsPanel
{
    public function __construct(private Plan $plan, private Storey $storey, private Chosen $chosen, private Region $region) {}

    public function room(): Room
    {
        return $this->plan->room($this->chosen->key);
    }

    public function wall(): PlanWall
    {
        return $this->plan->wall($this->chosen->key);
    }

    public function measure(Room $room): RoomMeasure
    {
        return RoomMeasure::of($room, $this->plan->wallsOn($this->storey->key));
    }

    /** What a straight way through the wall costs a radio. */
    public function lossWords(PlanWall $wall): string
    {
        $losses = [];
        foreach ([Protocol::Zigbee, Protocol::ZWave] as $protocol) {
            $megahertz = Transceiver::of($protocol, $this->region)?->frequencyMHz;
            if ($megahertz !== null) {
                $loss = round(LayerLoss::of($wall->layers, $megahertz)->lossDb);
                $losses[] = $loss.' dB at '.($megahertz < 1000 ? round($megahertz).' MHz' : round($megahertz / 1000, 1).' GHz');
            }
        }

        return 'It takes '.implode(', ', $losses).'.';
    }

    public function construction(PlanWall $wall): string
    {
        return Construction::of($wall->layers)->value ?? 'own';
    }

    public function layers(PlanWall $wall): string
    {
        return LayerText::of($wall->layers);
    }

    /** @return list<string> what layers may be made of */
    public function materials(): array
    {
        return Material::names();
    }
}
