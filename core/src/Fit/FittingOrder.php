<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/**
 * In which order devices go into the wall: circuit by circuit, so that each is off once, and room by room in each. What is off
 * already comes first; then circuits of which nothing is open to settle, those with relays before the others, those with more
 * devices before those with fewer.
 */
final readonly class FittingOrder
{
    /** To switch a circuit off, lock it, prove it dead and switch it on again (assumption) */
    public const ISOLATION_MINUTES = 15;

    /** To prove one more box dead on the same circuit (assumption) */
    public const BOX_MINUTES = 5;

    /**
     * @param  list<WiredSlot>  $slots  in the order of the plan
     * @return list<FittingStop> those that are done last
     */
    public static function of(array $slots): array
    {
        $byCircuit = [];
        foreach ($slots as $slot) {
            $byCircuit["circuit {$slot->circuit}"][] = $slot;
        }
        $stops = array_map(self::stop(...), array_values($byCircuit));
        $rank = static fn (FittingStop $stop): array => [
            $stop->isDone(),
            $stop->circuit === null,
            $stop->work()?->isUnderWay() !== true,
            $stop->of(FitStanding::ToTry) === [],
            $stop->unsettled() !== [],
            array_filter($stop->slots, static fn (WiredSlot $one): bool => $one->relays && ! $one->isFitted) === [],
            -count(array_filter($stop->slots, static fn (WiredSlot $one): bool => ! $one->isFitted)),
        ];
        usort($stops, static fn (FittingStop $a, FittingStop $b): int => $rank($a) <=> $rank($b));

        return $stops;
    }

    /** @param non-empty-list<WiredSlot> $slots of one circuit */
    private static function stop(array $slots): FittingStop
    {
        $open = array_filter($slots, static fn (WiredSlot $one): bool => ! $one->isFitted);
        $rooms = array_flip(array_values(array_unique(array_map(static fn (WiredSlot $one): string => $one->room, $slots))));
        usort($slots, static fn (WiredSlot $a, WiredSlot $b): int => $rooms[$a->room] <=> $rooms[$b->room]);
        $minutes = array_sum(array_map(static fn (WiredSlot $one): int => $one->minutes, $open))
            + ($open === [] ? 0 : self::ISOLATION_MINUTES + (count($open) - 1) * self::BOX_MINUTES);

        return new FittingStop($slots[0]->circuit, $slots, $minutes, self::why(count($open), count($rooms)));
    }

    private static function why(int $open, int $rooms): string
    {
        return match (true) {
            $open === 0 => 'All of it is in.',
            $open === 1 => 'One device hangs on it.',
            $rooms === 1 => "{$open} devices of one room hang on it: it is off once.",
            default => "{$open} devices hang on it, in {$rooms} rooms: it is off once.",
        };
    }
}
