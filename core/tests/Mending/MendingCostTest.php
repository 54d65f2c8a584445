<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mending;

use Kavvel\Core\Circuits\Prices;
use Kavvel\Core\Mending\MendingCost;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MendingCostTest extends TestCase
{
    /** @param array<string, float> $said */
    #[DataProvider('mendings')]
    public function test_what_a_mending_takes(int $relays, bool $movesHub, array $said, int $minutes, float $cost): void
    {
        $found = MendingCost::of($relays, $movesHub, 10, Prices::of($said));

        self::assertSame([$minutes, $cost], [$found->minutes, $found->cost]);
    }

    /** @return iterable<string, array{int, bool, array<string, float>, int, float}> */
    public static function mendings(): iterable
    {
        yield 'nothing' => [0, false, [], 0, 0.0];
        yield 'one relay' => [1, false, [], 14, 22.0 + 14 * 45 / 60];
        yield 'three relays' => [3, false, [], 42, 3 * 22.0 + 42 * 45 / 60];
        yield 'the hub' => [0, true, [], 45, 33.75];
        yield 'both' => [1, true, [], 59, 22.0 + 44.25];
        $other = ['plug' => 30.0, 'plug_minutes' => 20.0, 'labour_per_hour' => 60.0];
        yield 'where things cost other than usual' => [1, false, $other, 30, 60.0];
    }
}
