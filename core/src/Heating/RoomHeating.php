<?php

declare(strict_types=1);

namespace Kavvel\Core\Heating;

/** How one room is heated. */
final readonly class RoomHeating
{
    /**
     * @param  int  $loops  that an actuator each opens and shuts: of pipe, or radiators
     * @param  float  $watts  of an electric heater; 0 for water
     * @param  bool  $hidesThermostat  nothing is to show on its walls
     */
    public function __construct(
        public string $room,
        public HeatKind $kind,
        public int $loops,
        public float $watts = 0.0,
        public bool $hidesThermostat = false,
    ) {}
}
