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
use Kavvel\Core\Radio\Material;
use Kavvel\Core\Site\Layer;

/** What stands beside the plan about the thing in hand, as numbers. */
final readonly class RoomsPanel
{
    /** What walls are compared by: 2.4 GHz radios and those below 1 GHz, in MHz (middle of their bands) */
    private const BANDS = [2440.0, 868.4];

    public function __construct(private Plan $plan, private Storey $storey, private Chosen $chosen) {}

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
        $losses = array_map(static fn (float $megahertz): float => array_sum(array_map(
            static fn (Layer $layer): float => Material::named($layer->material, $megahertz)->lossDb($layer->thickness),
            $wall->layers,
        )), self::BANDS);

        return sprintf('It takes %.0f dB at 2.4 GHz, %.0f dB at 868 MHz.', ...$losses);
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
