<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use DateTimeImmutable;
use Kavvel\Core\Pairing\Cause;
use Kavvel\Core\Pairing\Exclusion;
use Kavvel\Core\Protocol\Leaving;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ExclusionTest extends TestCase
{
    public function test_a_protocol_without_exclusion_offers_none(): void
    {
        foreach (array_filter(Leaving::cases(), static fn (Leaving $one): bool => $one !== Leaving::Excluded) as $leaving) {
            $none = Exclusion::of($leaving, false, true, self::cause('owned'), null, null, self::at(1));

            self::assertSame([false, false, false], [$none->isPossible, $none->isFirst, $none->tookNothing]);
        }
    }

    /** @return iterable<string, array{bool, bool, string|null, bool}> window open, held elsewhere, likeliest cause; first */
    public static function firsts(): iterable
    {
        yield 'held elsewhere' => [false, true, null, true];
        yield 'owned by its light' => [false, false, 'owned', true];
        yield 'owned and held' => [false, true, 'owned', true];
        yield 'another cause' => [false, false, 'far', false];
        yield 'nothing known' => [false, false, null, false];
        yield 'while a window is open' => [true, true, 'owned', false];
    }

    #[DataProvider('firsts')]
    public function test_it_comes_first_where_another_network_has_the_device(bool $open, bool $held, ?string $cause, bool $first): void
    {
        $exclusion = Exclusion::of(Leaving::Excluded, $open, $held, $cause === null ? null : self::cause($cause), null, null, null);

        self::assertSame($first, $exclusion->isFirst);
        self::assertTrue($exclusion->isPossible);
    }

    /** @return iterable<string, array{int|null, int|null, int|null, int|null, bool}> left, tried, window; left at, took nothing */
    public static function times(): iterable
    {
        yield 'never' => [null, null, null, null, false];
        yield 'a window that took nothing' => [null, null, 5, null, true];
        yield 'a window that took it' => [6, null, 5, 6, false];
        yield 'at the same second' => [5, null, 5, 5, false];
        yield 'an old leaving, and a window that took nothing' => [3, null, 5, 3, true];
        yield 'tried before the window' => [null, 4, 5, null, true];
        yield 'tried with the window' => [null, 5, 5, null, true];
        yield 'tried since' => [null, 6, 5, null, false];
        yield 'left, and tried since' => [6, 7, 5, null, false];
        yield 'left as it was tried' => [6, 6, 5, 6, false];
        yield 'a reset without a window' => [6, 4, null, 6, false];
    }

    #[DataProvider('times')]
    public function test_it_says_what_came_of_the_last_window(?int $left, ?int $tried, ?int $window, ?int $leftAt, bool $nothing): void
    {
        $time = static fn (?int $minute): ?DateTimeImmutable => $minute === null ? null : self::at($minute);
        $exclusion = Exclusion::of(Leaving::Excluded, false, false, null, $time($left), $time($tried), $time($window));

        self::assertEquals($time($leftAt), $exclusion->leftAt);
        self::assertSame($nothing, $exclusion->tookNothing);
        $open = Exclusion::of(Leaving::Excluded, true, false, null, $time($left), $time($tried), $time($window));
        self::assertFalse($open->tookNothing);
    }

    private static function cause(string $code): Cause
    {
        return new Cause($code, 'It is so.', 'Do this.');
    }

    private static function at(int $minute): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-11-20T09:{$minute}:00Z");
    }
}
