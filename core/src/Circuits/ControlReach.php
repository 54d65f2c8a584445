<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Siting\RoomOpening;
use Kavvel\Core\Siting\RoomSpots;

/**
 * Circuit by circuit, entrance by entrance: can the light be switched on the way in and on the way out? A circuit whose keys all
 * switch the whole of it is one light: a way between two of its rooms is no entrance to it. Else each room has its own.
 */
final readonly class ControlReach
{
    /** A hand finds what is this near to the door, on either side of the wall, in metres (assumption) */
    public const REACH_M = 1.2;

    /** And between these heights over the floor (assumption), in metres */
    private const FLOOR_TO_HAND_M = [0.3, 2.0];

    /**
     * @param  list<Control>  $controls
     * @param  list<Grip>  $grips
     */
    public function __construct(private Plan $plan, private array $controls, private array $grips) {}

    public function of(Circuit $circuit): CircuitReach
    {
        $own = array_values(array_filter($this->grips, static fn (Grip $grip): bool => $grip->circuit === $circuit->key));
        $isOneLight = $own !== [] && array_filter($own, static fn (Grip $grip): bool => $grip->room !== null) === [];
        $entrances = [];
        foreach ($circuit->litRooms() as $room) {
            if (! isset($this->plan->rooms[$room])) {
                continue;
            }
            $switching = $this->switching(array_filter($own, static fn (Grip $one): bool => $one->room === null || $one->room === $room));
            foreach (RoomSpots::of($this->plan, $room)->openings as $opening) {
                $isInside = $isOneLight && in_array($opening->beyond?->key, $circuit->litRooms(), true);
                if (! $opening->isWindow() && ! $isInside) {
                    $entrances[] = new EntranceReach(
                        $opening->id,
                        $opening->opening->kind,
                        $room,
                        $opening->beyond?->key,
                        $this->within($opening, $room, $switching),
                    );
                }
            }
        }

        return new CircuitReach($circuit, $entrances, array_map(static fn (array $one): Way => $one[1], $this->switching($own)));
    }

    /**
     * @param  array<int, Grip>  $grips
     * @return list<array{Control, Way}> their controls that switch on and off, each with its surest way
     */
    private function switching(array $grips): array
    {
        $switching = [];
        foreach ($this->controls as $control) {
            foreach (Way::cases() as $way) {
                $effects = array_map(static fn (Grip $one): KeyEffect => $one->effect, array_filter(
                    $grips,
                    static fn (Grip $grip): bool => $grip->control === $control->key && self::rank($grip->way) <= self::rank($way),
                ));
                if (self::switchBothWays($effects)) {
                    $switching[] = [$control, $way];
                    break;
                }
            }
        }

        return $switching;
    }

    /**
     * @param  list<array{Control, Way}>  $switching
     * @return list<array{Control, Way}>
     */
    private function within(RoomOpening $opening, string $room, array $switching): array
    {
        $sides = array_filter([$room, $opening->beyond?->key]);
        $near = array_values(array_filter($switching, function (array $one) use ($opening, $sides): bool {
            [$control] = $one;

            return in_array($control->room, $sides, true) && $this->isAtHand($control)
                && $opening->distanceTo([$control->place->x, $control->place->y]) <= self::REACH_M;
        }));
        usort($near, static fn (array $a, array $b): int => self::rank($a[1]) <=> self::rank($b[1]));

        return $near;
    }

    private function isAtHand(Control $control): bool
    {
        $height = $control->place->z - $this->plan->storey($this->plan->room($control->room)->storey)->elevation;

        return $height >= self::FLOOR_TO_HAND_M[0] && $height <= self::FLOOR_TO_HAND_M[1];
    }

    /**
     * Who can only switch off still comes in in the dark.
     *
     * @param  array<int, KeyEffect>  $effects
     */
    private static function switchBothWays(array $effects): bool
    {
        return in_array(KeyEffect::Toggle, $effects, true)
            || in_array(KeyEffect::On, $effects, true) && in_array(KeyEffect::Off, $effects, true);
    }

    private static function rank(Way $way): int
    {
        return (int) array_search($way, Way::cases(), true);
    }
}
