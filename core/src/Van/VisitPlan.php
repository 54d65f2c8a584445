<?php

declare(strict_types=1);

namespace Kavvel\Core\Van;

use Kavvel\Core\Fit\FittingOrder;

/**
 * Which work is done on which visit: in its order, as much as the minutes of each visit hold. All that is fitted on one circuit
 * is one piece, so that it is off once; a piece that no visit holds goes on the first that has nothing else.
 */
final readonly class VisitPlan
{
    /** @param list<Visit> $visits this one first; one more than are planned where they do not hold the work */
    private function __construct(public array $visits, public int $planned) {}

    /**
     * @param  list<VanSlot>  $slots  in the order of the work
     * @param  int  $number  of this visit
     * @param  int  $of  visits that are planned
     * @param  int  $leftMinutes  of this visit
     * @param  int  $eachMinutes  of each later one
     */
    public static function of(array $slots, int $number, int $of, int $leftMinutes, int $eachMinutes): self
    {
        $visits = [];
        $own = [];
        $used = 0;
        $has = max(0, $leftMinutes);
        $at = max(1, $number);
        foreach (self::pieces($slots) as $piece) {
            $minutes = self::minutes($piece);
            // This visit may be too short for a piece that a whole one holds; one that none holds stays where it comes to stand.
            $isShort = $visits === [] && $has < $eachMinutes;
            if ($used + $minutes > $has && ($own !== [] || $isShort)) {
                $visits[] = new Visit($at++, $has, $used, $own);
                [$own, $used, $has] = [[], 0, $eachMinutes];
            }
            $own = [...$own, ...$piece];
            $used += $minutes;
        }
        $visits[] = new Visit($at, $has, $used, $own);

        return new self($visits, max($of, $number));
    }

    /** Visits beyond those that are planned. */
    public function beyond(): int
    {
        $last = $this->visits[count($this->visits) - 1];

        return max(0, $last->number - $this->planned);
    }

    public function visit(int $number): Visit
    {
        return array_values(array_filter($this->visits, static fn (Visit $one): bool => $one->number === $number))[0] ?? $this->visits[0];
    }

    /**
     * @param  list<VanSlot>  $slots
     * @return list<list<VanSlot>> what hangs on one circuit together, where its first stands
     */
    private static function pieces(array $slots): array
    {
        $pieces = [];
        foreach ($slots as $number => $slot) {
            $key = $slot->circuit !== null && $slot->isToWire() ? "circuit {$slot->circuit}" : "slot {$number}";
            $pieces[$key][] = $slot;
        }

        return array_values($pieces);
    }

    /** @param list<VanSlot> $piece */
    private static function minutes(array $piece): int
    {
        $wired = count(array_filter($piece, static fn (VanSlot $one): bool => $one->isToWire()));
        $isolation = $wired === 0 ? 0 : FittingOrder::ISOLATION_MINUTES + ($wired - 1) * FittingOrder::BOX_MINUTES;

        return $isolation + array_sum(array_map(static fn (VanSlot $one): int => $one->minutes(), $piece));
    }
}
