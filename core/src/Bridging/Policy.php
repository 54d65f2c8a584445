<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** By what one path is preferred to another. A path that meets its want goes before one that does not, whatever the policy. */
enum Policy: string
{
    case LocalFirst = 'local-first';
    case EveryFunction = 'every-function';
    case FewestBoxes = 'fewest-boxes';

    public function words(): string
    {
        return match ($this) {
            self::LocalFirst => 'Local first',
            self::EveryFunction => 'Every function',
            self::FewestBoxes => 'Fewest boxes',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::LocalFirst => 'Works without the internet wherever that is possible; a function may be lost for it.',
            self::EveryFunction => 'Keeps what a device can do, even if the way there leads through a cloud.',
            self::FewestBoxes => 'The fewest things that can fail, be unplugged or go out of support.',
        };
    }

    /** Below 0: the first is preferred. */
    public function compare(Path $a, Path $b): int
    {
        return ($this->order($a) <=> $this->order($b))
            ?: strcmp($a->way->trail, $b->way->trail)
            ?: strcmp($a->way->turns, $b->way->turns);
    }

    /**
     * The same, where both lose the same. What one keeps and the other does not never speaks against it, so among ways of which one
     * keeps all that the other keeps this decides for good.
     */
    public function compareWays(Way $a, Way $b): int
    {
        $boxes = count($a->legs) <=> count($b->legs);
        $cloud = $a->cloudHops <=> $b->cloudHops;
        [$first, $second] = $this === self::FewestBoxes ? [$boxes, $cloud] : [$cloud, $boxes];

        return $first
            ?: $second
            ?: ($a->latencyMs <=> $b->latencyMs)
            ?: strcmp($a->trail, $b->trail)
            ?: strcmp($a->turns, $b->turns);
    }

    /** @return non-empty-list<int|float> smaller is better, the first that differs decides */
    private function order(Path $path): array
    {
        $way = $path->way;
        $met = $path->isMet() ? 0 : 1;
        $lost = count($way->losses);
        $boxes = count($way->legs);

        return match ($this) {
            self::LocalFirst => [$met, $way->cloudHops, $path->lostNeeds, $lost, $boxes, $way->latencyMs],
            self::EveryFunction => [$met, $path->lostNeeds, $lost, $way->cloudHops, $boxes, $way->latencyMs],
            self::FewestBoxes => [$met, $boxes, $path->lostNeeds, $way->cloudHops, $way->latencyMs, $lost],
        };
    }
}
