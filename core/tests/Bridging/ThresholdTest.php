<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\BandsTooClose;
use Kavvel\Core\Bridging\EndBand;
use Kavvel\Core\Bridging\Threshold;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ThresholdTest extends TestCase
{
    public function test_three_readings_make_a_band_and_two_do_not(): void
    {
        self::assertNull(EndBand::of([]));
        self::assertNull(EndBand::of([86.0, 93.0]));
        $band = self::measured(90, 86, 93);
        self::assertSame([86.0, 93.0, 7.0, '86 to 93'], [$band->least, $band->most, $band->spread(), $band->words()]);
        self::assertSame([3.5, 3.0], [$band->slack, self::measured(90, 86, 93, 88, 87)->slack]);
        self::assertSame('100', self::measured(100, 100, 100)->words());
        self::assertSame('0 to 1.5', self::measured(0, 1.5, 1)->words());
    }

    /**
     * @param  array{float, float}  $open
     * @param  array{float, float}  $closed
     */
    #[DataProvider('bands')]
    public function test_it_opens_just_outside_the_open_band_and_closes_a_spread_away(
        array $open,
        array $closed,
        float $opensAt,
        float $closesAt,
    ): void {
        $threshold = Threshold::between(self::band(...$open), self::band(...$closed));
        self::assertSame([$opensAt, $closesAt], [$threshold->open, $threshold->closed]);
        self::assertEquals($threshold, Threshold::of($opensAt, $closesAt));
    }

    /** @return iterable<string, array{array{float, float}, array{float, float}, float, float}> */
    public static function bands(): iterable
    {
        yield 'the slats of a garden room' => [[86, 93], [0, 4], 82, 75];
        yield 'exact at both ends' => [[100, 100], [0, 0], 96, 94];
        yield 'the closed end is the restless one' => [[98, 99], [0, 12], 94, 82];
        yield 'a part of a percent' => [[85.5, 92], [0, 3], 82, 75.5];
        yield 'little room: it closes above the closed band' => [[32, 38], [8, 18], 28, 24];
        yield 'just apart enough' => [[26, 26], [15, 15], 22, 20];
        yield 'told the other way round' => [[2, 6], [95, 99], 10, 14];
        yield 'the other way round with little room' => [[8, 18], [32, 38], 24, 28];
        yield 'the other way round, a part of a percent' => [[0, 5.5], [90, 91], 9, 14.5];
    }

    public function test_few_readings_may_have_missed_the_ends_of_a_band(): void
    {
        $few = Threshold::between(self::measured(88, 90, 92), self::measured(0, 1, 4));
        self::assertSame([84.0, 80.0], [$few->open, $few->closed], 'three below the least, and one step');
        self::assertSame(79.0, Threshold::between(self::measured(84, 92, 88), self::band(0, 4))->open, 'four, as they lie apart');
        $many = array_map(static fn (int $n): float => 88.0 + $n % 5, range(0, 39));
        self::assertSame(84.0, Threshold::between(self::measured(...$many), self::band(0, 4))->open);
        $inverted = Threshold::between(self::measured(0, 1, 4), self::measured(88, 90, 92));
        self::assertSame([8.0, 12.0], [$inverted->open, $inverted->closed]);
    }

    public function test_what_was_not_measured_counts_right_more_often_for_it(): void
    {
        mt_srand(86);
        $wrong = $bare = 0;
        for ($round = 0; $round < 500; $round++) {
            $said = array_map(static fn (): float => (float) mt_rand(86, 93), range(1, 3));
            $later = (float) mt_rand(86, 93);
            $wrong += Threshold::between(self::measured(...$said), self::band(0, 4))->isOpen($later, false) ? 0 : 1;
            $bare += $later >= min($said) - 1 ? 0 : 1;
        }
        self::assertLessThan($bare, 4 * $wrong);
    }

    public function test_ends_that_are_told_alike_make_no_threshold(): void
    {
        $this->expectExceptionMessage('It says 50 to 60 when open and 45 to 52 when closed: that tells nobody which it is.');
        $this->expectException(BandsTooClose::class);
        Threshold::between(self::band(50, 60), self::band(45, 52));
    }

    public function test_ends_that_nearly_touch_make_none_either_whichever_is_the_higher(): void
    {
        foreach ([[[20, 30], [15.5, 15.5]], [[15, 15], [19.9, 40]]] as [$open, $closed]) {
            try {
                Threshold::between(self::band(...$open), self::band(...$closed));
                self::fail('These are too close.');
            } catch (BandsTooClose) {
                $this->addToAssertionCount(1);
            }
        }
    }

    public function test_where_there_is_little_room_what_few_readings_may_have_missed_counts_at_both_ends(): void
    {
        $rising = Threshold::between(self::measured(30, 34, 34), self::measured(8, 12, 16));
        self::assertSame([26.0, 21.0], [$rising->open, $rising->closed]);
        $falling = Threshold::between(self::measured(8, 12, 16), self::measured(30, 34, 34));
        self::assertSame([21.0, 26.0], [$falling->open, $falling->closed]);
        foreach ([[[30, 34, 38], [15, 17, 21]], [[24, 24, 24], [14, 17, 18]]] as [$open, $closed]) {
            try {
                Threshold::between(self::measured(...$open), self::measured(...$closed));
                self::fail('What may have been missed leaves less than five between them.');
            } catch (BandsTooClose) {
                $this->addToAssertionCount(1);
            }
        }
        self::assertSame(20.0, Threshold::between(self::measured(24, 24, 24), self::measured(9, 11, 13))->open);
    }

    public function test_between_the_two_it_stays_as_it_was(): void
    {
        $rising = Threshold::of(85, 78);
        self::assertSame(
            [true, true, false, true, false, false],
            [
                $rising->isOpen(93, false), $rising->isOpen(85, false), $rising->isOpen(84, false), $rising->isOpen(79, true),
                $rising->isOpen(78, true), $rising->isOpen(0, true),
            ],
        );
        $falling = Threshold::of(7, 11);
        self::assertSame(
            [true, false, true, false],
            [$falling->isOpen(7, false), $falling->isOpen(8, false), $falling->isOpen(10, true), $falling->isOpen(11, true)],
        );
        self::assertSame('open from 85 % up, closed from 78 % down', $rising->words('%'));
        self::assertSame('open from 7 % down, closed from 11 % up', $falling->words('%'));
    }

    public function test_whatever_was_measured_counts_as_what_it_was(): void
    {
        mt_srand(1207);
        for ($round = 0; $round < 400; $round++) {
            $open = array_map(static fn (): float => (float) mt_rand(0, 100), range(1, 4));
            $closed = array_map(static fn (): float => (float) mt_rand(0, 100), range(1, 4));
            try {
                $threshold = Threshold::between(self::measured(...$open), self::measured(...$closed));
            } catch (BandsTooClose) {
                continue;
            }
            foreach ($open as $reading) {
                self::assertTrue($threshold->isOpen($reading, false));
            }
            foreach ($closed as $reading) {
                self::assertFalse($threshold->isOpen($reading, true));
            }
            self::assertGreaterThanOrEqual(1, abs($threshold->open - $threshold->closed));
        }
    }

    private static function band(float $least, float $most): EndBand
    {
        return self::measured($least, ($least + $most) / 2, $most);
    }

    private static function measured(float ...$readings): EndBand
    {
        return EndBand::of(array_values($readings)) ?? throw new LogicException('Too few.');
    }
}
