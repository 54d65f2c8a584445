<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;

/** What is wanted in a room, which of its devices do it, and what is still open. */
final readonly class RoomDemands
{
    /**
     * @param  list<Demand>  $open
     * @param  array<string, list<string>>  $slots  that serve each function
     * @param  list<WantedFunction>  $placeless  functions that the room has no opening for
     */
    private function __construct(public array $open, private array $slots, public array $placeless) {}

    /**
     * @param  list<WantedFunction>  $functions
     * @param  list<PlannedDevice>  $devices  of the room
     * @param  list<string>  $leftOut  keys of demands that nobody is to be asked about again
     */
    public static function of(RoomSpots $spots, array $functions, array $devices, array $leftOut): self
    {
        $open = $slots = $placeless = [];
        foreach ($functions as $function) {
            $able = array_values(array_filter(
                $devices,
                static fn (PlannedDevice $device): bool => $function->isServedBy($device->profile),
            ));
            $slots[$function->value] = array_map(static fn (PlannedDevice $device): string => $device->slot, $able);
            $openings = $function->anchor()->openings($spots);
            if ($openings === null) {
                $open = $able === [] ? [...$open, new Demand($function, null)] : $open;
            } elseif ($openings === []) {
                $placeless = $able === [] ? [...$placeless, $function] : $placeless;
            } else {
                foreach (self::withoutDevice($openings, $able) as $opening) {
                    $open[] = new Demand($function, $opening);
                }
            }
        }

        return new self(array_values(array_filter(
            $open,
            static fn (Demand $demand): bool => ! in_array($demand->key($spots->room->key), $leftOut, true),
        )), $slots, $placeless);
    }

    public function standing(string $room, WantedFunction $function): WantStanding
    {
        $missing = array_filter($this->open, static fn (Demand $demand): bool => $demand->function === $function);

        return new WantStanding(
            $room,
            $function,
            $this->slots[$function->value],
            count($missing) + (int) in_array($function, $this->placeless, true),
        );
    }

    /**
     * Each device is at the opening nearest to it that has none yet.
     *
     * @param  list<RoomOpening>  $openings
     * @param  list<PlannedDevice>  $devices
     * @return list<RoomOpening>
     */
    private static function withoutDevice(array $openings, array $devices): array
    {
        foreach ($devices as $device) {
            $place = [$device->place->x, $device->place->y];
            $away = array_map(static fn (RoomOpening $one): float => $one->distanceTo($place), $openings);
            unset($openings[array_search(min([INF, ...$away]), $away, true)]);
        }

        return array_values($openings);
    }
}
