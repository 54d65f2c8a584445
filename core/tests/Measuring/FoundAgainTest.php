<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Measuring;

use Kavvel\Core\Measuring\FoundAgain;
use Kavvel\Core\Measuring\OpeningMark;
use PHPUnit\Framework\TestCase;

final class FoundAgainTest extends TestCase
{
    public function test_what_is_called_as_before_is_the_same_wherever_it_is(): void
    {
        self::assertSame(
            ['w1@1.00' => 'w1@1.00'],
            FoundAgain::of([self::mark('w1@1.00', 0.0)], [self::mark('w1@1.00', 9.0), self::mark('w2@0.00', 0.0)]),
        );
    }

    public function test_what_is_called_differently_is_found_by_its_place(): void
    {
        $found = FoundAgain::of(
            [self::mark('w1@1.00', 1.0), self::mark('w1@3.00', 3.0), self::mark('w1@9.00', 9.0)],
            [self::mark('w7@1.00', 3.1), self::mark('w8@0.00', 1.2), self::mark('w9@0.00', 9.6)],
        );

        self::assertSame(['w1@3.00' => 'w7@1.00', 'w1@1.00' => 'w8@0.00'], $found, 'half a metre off is another one');
    }

    public function test_the_edge_is_half_a_metre_and_another_storey_is_another_opening(): void
    {
        self::assertSame(['a' => 'b'], FoundAgain::of([self::mark('a', 1.0)], [self::mark('b', 1.5)]));
        self::assertSame([], FoundAgain::of([self::mark('a', 1.0)], [self::mark('b', 1.51)]));
        self::assertSame([], FoundAgain::of([self::mark('a', 1.0)], [self::mark('b', 1.0, 'first')]));
    }

    public function test_one_opening_is_found_for_one_mark_only_the_nearest(): void
    {
        self::assertSame(
            ['near' => 'here'],
            FoundAgain::of([self::mark('far', 1.4), self::mark('near', 1.1)], [self::mark('here', 1.0)]),
        );
        self::assertSame(
            ['here' => 'here'],
            FoundAgain::of([self::mark('beside', 1.0), self::mark('here', 5.0)], [self::mark('here', 1.0)]),
            'what still has its name is not taken by another',
        );
    }

    private static function mark(string $opening, float $x, string $storey = 'ground'): OpeningMark
    {
        return new OpeningMark($opening, $storey, $x, 2.0);
    }
}
