<?php

declare(strict_types=1);

namespace Kavvel\Core\Heating;

use Kavvel\Core\Siting\Spot;

/** Rooms that are heated as one. */
final readonly class Zone
{
    /**
     * @param  list<RoomHeating>  $rooms
     * @param  Spot  $thermostat  where it would hang, in its largest room
     * @param  string  $wall  that it hangs on, as it is called; "" where none is drawn
     * @param  string  $thermostatRoom  key of that room
     * @param  list<string>  $cautions
     */
    public function __construct(
        public array $rooms,
        public Spot $thermostat,
        public string $wall,
        public string $thermostatRoom,
        public bool $isRemoteSensor,
        public array $cautions,
    ) {}

    public function loops(): int
    {
        return array_sum(array_map(static fn (RoomHeating $one): int => $one->loops, $this->rooms));
    }

    public function isWater(): bool
    {
        return array_filter($this->rooms, static fn (RoomHeating $one): bool => $one->kind !== HeatKind::Electric) !== [];
    }
}
