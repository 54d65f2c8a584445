<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\FewestPlaces;
use PHPUnit\Framework\TestCase;

final class FewestPlacesTest extends TestCase
{
    public function test_one_place_that_reaches_all_goes_before_two_that_do(): void
    {
        $plan = FewestPlaces::of(['a' => ['x'], 'b' => ['y', 'z'], 'c' => ['x', 'y', 'z']], ['x', 'y', 'z']);

        self::assertSame([['c'], true, 0, 3, []], [$plan->add, $plan->isExact, $plan->acceptedBefore, $plan->acceptedAfter, $plan->open]);
    }

    public function test_what_the_greedy_would_miss_is_found(): void
    {
        // The largest first needs three.
        $plan = FewestPlaces::of(
            ['big' => ['1', '2', '3', '4'], 'left' => ['1', '2', '5'], 'right' => ['3', '4', '6']],
            ['1', '2', '3', '4', '5', '6'],
        );

        self::assertSame(['left', 'right'], $plan->add);
    }

    public function test_what_is_reached_already_needs_no_place_and_what_none_reaches_is_said(): void
    {
        $plan = FewestPlaces::of(['a' => ['x', 'y'], 'b' => ['x']], ['x', 'y', 'far'], ['x']);

        self::assertSame(
            [['a'], true, 1, 2, ['far']],
            [$plan->add, $plan->isExact, $plan->acceptedBefore, $plan->acceptedAfter, $plan->open],
        );
    }

    public function test_nothing_to_reach_needs_nothing(): void
    {
        $plan = FewestPlaces::of(['a' => ['x']], ['x'], ['x']);

        self::assertSame([[], true, 1, 1], [$plan->add, $plan->isExact, $plan->acceptedBefore, $plan->acceptedAfter]);
        self::assertSame(['x'], FewestPlaces::of([], ['x'])->open);
    }

    public function test_beyond_three_it_goes_on_one_by_one_and_says_so(): void
    {
        $plan = FewestPlaces::of(['a' => ['1'], 'b' => ['2'], 'c' => ['3', '4'], 'd' => ['5']], ['1', '2', '3', '4', '5']);

        self::assertSame([['a', 'b', 'c', 'd'], false, 5], [$plan->add, $plan->isExact, $plan->acceptedAfter]);
    }

    public function test_of_many_places_not_every_choice_is_looked_at(): void
    {
        $none = array_fill_keys(array_map(static fn (int $n): string => "p{$n}", range(1, 37)), ['1']);
        $three = ['big' => ['1', '2', '3', '4'], 'left' => ['1', '2', '5'], 'right' => ['3', '4', '6']];
        $devices = ['1', '2', '3', '4', '5', '6'];

        self::assertSame(['left', 'right'], FewestPlaces::of([...$none, ...$three], $devices)->add);
        $many = FewestPlaces::of([...$none, 'p38' => ['1'], ...$three], $devices);
        self::assertSame([['big', 'left', 'right'], false, 6], [$many->add, $many->isExact, $many->acceptedAfter]);
        self::assertTrue(FewestPlaces::of([...$none, ...$three, 'p38' => ['1'], 'all' => $devices], $devices)->isExact);
    }
}
