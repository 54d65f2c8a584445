<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/**
 * Which boxes to buy: of the sets that meet as many wants as all boxes together do, the cheapest; then the fewest, then the smaller
 * ids. More boxes never meet less, so what the cheapest set meets is what all of them meet.
 */
final readonly class Buying
{
    /** Costs that are the same but for how they were added up */
    private const SAME_DIGITS = 6;

    /** @param list<Box> $boxes by id */
    private function __construct(private array $boxes, public float $cost, public float $yearlyCost, public int $bits) {}

    /** @param list<Choices> $choices of every device */
    public static function of(House $house, array $choices): self
    {
        $kinds = [];
        foreach ($choices as $choice) {
            $kinds[$choice->kind()][] = $choice;
        }
        $all = (1 << count($house->toBuy)) - 1;
        $most = self::countMet($kinds, $all);
        foreach (self::inOrder($house->toBuy) as $set) {
            if (self::countMet($kinds, $set->bits) >= $most) {
                return $set;
            }
        }

        return self::set($house->toBuy, $all);
    }

    /** @return list<string> ids */
    public function ids(): array
    {
        return array_map(static fn (Box $box): string => $box->id, $this->boxes);
    }

    /** Of two sets of one size: the smallest id that only one of them has decides. */
    private static function smallerIds(self $a, self $b): int
    {
        $differing = $a->bits ^ $b->bits;

        return ($a->bits & $differing & -$differing) !== 0 ? -1 : 1;
    }

    /**
     * Every set, the better one first.
     *
     * @param  list<Box>  $boxes
     * @return list<self>
     */
    private static function inOrder(array $boxes): array
    {
        $sets = array_map(static fn (int $bits): self => self::set($boxes, $bits), range(0, (1 << count($boxes)) - 1));
        usort($sets, static fn (self $a, self $b): int => ([$a->cost, count($a->boxes)] <=> [$b->cost, count($b->boxes)])
            ?: self::smallerIds($a, $b));

        return $sets;
    }

    /** @param list<Box> $boxes */
    private static function set(array $boxes, int $bits): self
    {
        $in = array_values(array_filter($boxes, static fn (int $number): bool => ($bits >> $number & 1) === 1, ARRAY_FILTER_USE_KEY));

        return new self($in, self::sum($in, 'cost'), self::sum($in, 'yearlyCost'), $bits);
    }

    /** @param list<Box> $boxes */
    private static function sum(array $boxes, string $what): float
    {
        return round(array_sum(array_column($boxes, $what)), self::SAME_DIGITS);
    }

    /** @param array<string, non-empty-list<Choices>> $kinds devices that choose alike */
    private static function countMet(array $kinds, int $bought): int
    {
        $met = 0;
        foreach ($kinds as $alike) {
            $met += count($alike) * $alike[0]->countMet($bought);
        }

        return $met;
    }
}
