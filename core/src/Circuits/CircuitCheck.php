<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Room;

/** Holds a register of circuits against itself and against the plan. */
final readonly class CircuitCheck
{
    /** @param float $volts of the mains */
    public function __construct(private Plan $plan, private float $volts) {}

    /**
     * @param  list<Circuit>  $circuits
     * @return list<CircuitRemark>
     */
    public function of(array $circuits): array
    {
        return [...$this->overloaded($circuits), ...$this->twice($circuits), ...$this->unlit($circuits), ...$this->unnoted($circuits)];
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<CircuitRemark>
     */
    private function overloaded(array $circuits): array
    {
        $remarks = [];
        foreach ($circuits as $circuit) {
            $bears = $circuit->breakerA === null ? null : $circuit->breakerA * $this->volts;
            $watts = $circuit->lampWatts();
            if ($bears !== null && $watts > $bears) {
                $remarks[] = new CircuitRemark($circuit->key, sprintf(
                    '%s of lamps, and its breaker bears %s.',
                    self::watts($watts),
                    self::watts($bears),
                ));
            }
            if ($circuit->channelW !== null && $watts > $circuit->channelW) {
                $remarks[] = new CircuitRemark($circuit->key, sprintf(
                    '%s of lamps, and channel %s bears %s.',
                    self::watts($watts),
                    $circuit->channel,
                    self::watts($circuit->channelW),
                ));
            }
        }

        return $remarks;
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<CircuitRemark>
     */
    private function twice(array $circuits): array
    {
        $remarks = [];
        $seen = [];
        foreach ($circuits as $circuit) {
            $named = ['label' => mb_strtolower($circuit->label), 'panel channel' => mb_strtolower((string) $circuit->channel)];
            foreach (array_filter($named) as $what => $name) {
                if (isset($seen["{$what} {$name}"])) {
                    $remarks[] = new CircuitRemark($circuit->key, "Its {$what} is that of another circuit: which is which?");
                }
                $seen["{$what} {$name}"] = true;
            }
        }

        return $remarks;
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<CircuitRemark>
     */
    private function unlit(array $circuits): array
    {
        $lights = array_filter($circuits, static fn (Circuit $one): bool => $one->kind === CircuitKind::Light);
        $lit = array_merge(...array_values(array_map(static fn (Circuit $one): array => [...$one->rooms, ...$one->litRooms()], $lights)));
        $unlit = array_filter(
            $this->plan->rooms,
            static fn (Room $room): bool => $room->kind->hasWalls() && ! in_array($room->key, $lit, true),
        );
        if ($lights === [] || $unlit === []) {
            return [];
        }
        $names = array_values(array_map(static fn (Room $room): string => mb_strtolower($room->name), $unlit));

        return [new CircuitRemark(null, 'No circuit lights '.implode(', ', $names).'.')];
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<CircuitRemark>
     */
    private function unnoted(array $circuits): array
    {
        $remarks = [];
        foreach ($circuits as $circuit) {
            $missing = array_keys(array_filter([
                'breaker' => $circuit->breaker === '',
                'residual-current device' => $circuit->rcd === null,
                'lamps' => $circuit->kind === CircuitKind::Light && $circuit->lamps === [],
            ]));
            if ($missing !== []) {
                $remarks[] = new CircuitRemark($circuit->key, 'Not noted yet: '.implode(', ', $missing).'.');
            }
        }

        return $remarks;
    }

    private static function watts(float $watts): string
    {
        return number_format($watts, 0, '.', ',').' W';
    }
}
