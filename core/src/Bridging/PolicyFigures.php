<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** A policy in numbers, to be set beside the others. */
final readonly class PolicyFigures
{
    /**
     * @param  int  $wants  device and ecosystem
     * @param  int  $cloud  paths that stop with the internet
     * @param  int  $lost  functions that a device has and its ecosystem does not get, wanted or not
     * @param  list<string>  $boxes  ids of those that paths lead through
     */
    private function __construct(
        public BridgePlan $plan,
        public int $wants,
        public int $met,
        public int $cloud,
        public int $lost,
        public array $boxes,
    ) {}

    public static function of(BridgePlan $plan, int $wants): self
    {
        $via = array_map(static fn (Path $path): array => $path->way->via(), $plan->paths);
        $boxes = array_values(array_unique(array_merge(...$via)));
        sort($boxes, SORT_STRING);

        return new self(
            $plan,
            $wants,
            $plan->countMet(),
            count(array_filter($plan->paths, static fn (Path $path): bool => ! $path->way->isLocal)),
            array_sum(array_map(static fn (Path $path): int => count($path->way->losses), $plan->paths)),
            $boxes,
        );
    }

    /**
     * @param  list<Want>  $wants
     * @return array<string, self> by policy
     *
     * @throws TooManyWays
     */
    public static function all(House $house, array $wants): array
    {
        $all = [];
        foreach (Policy::cases() as $policy) {
            $all[$policy->value] = self::of(BridgePlan::of($house, $wants, $policy), count($wants));
        }

        return $all;
    }
}
