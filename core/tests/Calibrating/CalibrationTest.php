<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Calibrating;

use Kavvel\Core\Calibrating\Calibration;
use Kavvel\Core\Calibrating\ClutterFit;
use Kavvel\Core\Calibrating\HeardPath;
use Kavvel\Core\Calibrating\HiddenObstacle;
use Kavvel\Core\Calibrating\Sums;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\Clutter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CalibrationTest extends TestCase
{
    public function test_links_without_noise_give_back_the_clutter_that_made_them(): void
    {
        $calibration = Calibration::of($this->line(8, 4.5, 0.7), new Clutter);

        self::assertTrue($calibration->isUsed);
        self::assertSame(8, $calibration->links);
        self::assertEqualsWithDelta(4.5, $calibration->clutter->constantDb, 1e-9);
        self::assertEqualsWithDelta(0.7, $calibration->clutter->dbPerMetre, 1e-9);
        self::assertEqualsWithDelta(0.0, $calibration->rmseDb, 1e-6);
        self::assertSame([], $calibration->obstacles);
        // 1.5 + 0.4·d is left over at d = 2, 4 … 16.
        $squares = array_sum(array_map(static fn (int $i): float => (1.5 + 0.4 * 2 * $i) ** 2, range(1, 8)));
        self::assertEqualsWithDelta(sqrt($squares / 8), $calibration->rmseBeforeDb, 1e-9);
    }

    /** @param array{float, float} $wanted constant and slope */
    #[DataProvider('bounds')]
    public function test_what_no_furniture_could_be_is_held_at_its_bound(float $constant, float $slope, array $wanted): void
    {
        $clutter = Calibration::of($this->line(8, $constant, $slope), new Clutter)->clutter;

        self::assertEqualsWithDelta($wanted, [$clutter->constantDb, $clutter->dbPerMetre], 1e-9);
    }

    /** @return iterable<string, array{float, float, array{float, float}}> */
    public static function bounds(): iterable
    {
        yield 'the bounds belong to it' => [15.0, 2.0, [15.0, 2.0]];
        yield 'and so does nothing' => [0.0, 0.0, [0.0, 0.0]];
        // Lengths 2, 4 … 16: mean 9, Σd = 72, Σd² = 816.
        yield 'a gain instead of a loss' => [-2.0, 0.5, [0.0, 0.5 - 2 * 72 / 816]];
        yield 'a constant too large' => [20.0, 0.5, [15.0, 0.5 + 5 * 72 / 816]];
        yield 'a slope too steep' => [1.0, 3.0, [10.0, 2.0]];
        yield 'a slope that falls' => [9.0, -0.1, [8.1, 0.0]];
        yield 'beyond both' => [20.0, 4.0, [15.0, 2.0]];
        yield 'below both' => [-5.0, -1.0, [0.0, 0.0]];
    }

    public function test_links_of_about_one_length_tell_the_constant_alone(): void
    {
        $paths = array_map(static fn (int $i): HeardPath => new HeardPath("l{$i}", 3.0 + 0.5 * $i, 7.0 + ($i % 2)), range(0, 5));
        $fit = Calibration::of($paths, new Clutter(3.0, 0.4));

        self::assertSame(0.4, $fit->clutter->dbPerMetre);
        self::assertEqualsWithDelta(7.5 - 0.4 * 4.25, $fit->clutter->constantDb, 1e-9);
        $squares = array_sum(array_map(static fn (int $i): float => (7.0 + $i % 2 - 5.8 - 0.4 * (3.0 + 0.5 * $i)) ** 2, range(0, 5)));
        self::assertEqualsWithDelta(sqrt($squares / 5), $fit->rmseDb, 1e-9, 'one parameter');

        $twice = [...array_slice($paths, 0, 5), new HeardPath('l5', 6.0, 8.0)];
        self::assertNotSame(0.4, Calibration::of($twice, new Clutter(3.0, 0.4))->clutter->dbPerMetre, 'twice as long tells the slope');
    }

    public function test_the_constant_alone_has_its_bounds_too(): void
    {
        $paths = array_map(static fn (int $i): HeardPath => new HeardPath("l{$i}", 5.0, 40.0), range(0, 6));

        self::assertSame(15.0, Calibration::of($paths, new Clutter)->clutter->constantDb);
    }

    public function test_under_six_links_nothing_is_fitted(): void
    {
        $calibration = Calibration::of($this->line(5, 4.5, 0.7), new Clutter(3.0, 0.3));

        self::assertFalse($calibration->isUsed);
        self::assertSame(5, $calibration->links);
        self::assertEquals(new Clutter(3.0, 0.3), $calibration->clutter);
        self::assertNotNull($calibration->rmseBeforeDb);
        self::assertNull($calibration->rmseDb);
        self::assertNull(Calibration::of([], new Clutter)->rmseBeforeDb);
        self::assertTrue(Calibration::of($this->line(6, 4.5, 0.7), new Clutter)->isUsed);
    }

    public function test_a_link_far_worse_than_all_the_others_is_an_obstacle_and_does_not_spoil_the_fit(): void
    {
        $calibration = Calibration::of($this->line(9, 4.0, 0.5, ['l3' => 22.0]), new Clutter);

        self::assertSame(['l3'], $this->ids($calibration));
        self::assertEqualsWithDelta(22.0, $calibration->obstacles[0]->worseDb, 1e-9);
        self::assertEqualsWithDelta(4.0, $calibration->clutter->constantDb, 1e-9);
        self::assertSame(9, $calibration->links);
    }

    public function test_a_link_that_is_better_than_the_others_is_none(): void
    {
        self::assertSame([], Calibration::of($this->line(9, 14.0, 1.5, ['l3' => -22.0]), new Clutter)->obstacles);
    }

    public function test_eight_decibels_are_not_yet_an_obstacle(): void
    {
        self::assertSame([], Calibration::of($this->line(9, 4.0, 0.5, ['l3' => 8.0]), new Clutter)->obstacles);
        self::assertSame(['l3'], $this->ids(Calibration::of($this->line(9, 4.0, 0.5, ['l3' => 8.01]), new Clutter)));
    }

    public function test_where_all_links_scatter_much_an_obstacle_has_to_stand_out(): void
    {
        $scatter = ['l0' => 7.0, 'l1' => -7.0, 'l2' => 7.0, 'l4' => 7.0, 'l5' => -7.0, 'l6' => 7.0, 'l7' => -7.0, 'l8' => 7.0];
        $at = fn (float $more): Calibration => Calibration::of($this->line(9, 12.0, 0.5, ['l3' => $more] + $scatter), new Clutter);

        self::assertSame([], $at(14.0)->obstacles);
        self::assertSame(['l3'], $this->ids($at(40.0)));
    }

    public function test_the_worst_goes_first_and_of_equals_the_smaller_id(): void
    {
        $paths = $this->line(16, 4.0, 0.5, ['l09' => 30.0, 'l04' => 25.0]);
        self::assertSame(['l09', 'l04'], $this->ids(Calibration::of($paths, new Clutter)));

        $same = array_map(
            static fn (int $i): HeardPath => new HeardPath(sprintf('x%02d', $i), 5.0, $i % 6 === 5 ? 30.0 : 5.0),
            range(0, 11),
        );
        self::assertSame(['x05', 'x11'], $this->ids(Calibration::of(array_reverse($same), new Clutter)));
    }

    public function test_at_most_a_quarter_is_taken_out_and_five_are_kept(): void
    {
        $worse = ['l1' => 60.0, 'l3' => 80.0, 'l5' => 100.0];
        self::assertCount(2, Calibration::of($this->line(8, 4.0, 0.5, array_slice($worse, 0, 2)), new Clutter)->obstacles);
        self::assertCount(1, Calibration::of($this->line(7, 4.0, 0.5, array_slice($worse, 0, 2)), new Clutter)->obstacles);
        self::assertCount(1, Calibration::of($this->line(6, 4.0, 0.5, ['l1' => 60.0]), new Clutter)->obstacles, 'five are kept');
        self::assertLessThanOrEqual(2, count(Calibration::of($this->line(11, 4.0, 0.5, $worse), new Clutter)->obstacles));
    }

    public function test_no_other_clutter_within_the_bounds_fits_better(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($round = 0; $round < 150; $round++) {
            $paths = $this->scattered($random, $random->getInt(5, 20));
            $fit = ClutterFit::among($paths, new Clutter);
            $least = $this->squares($paths, $fit->clutter);
            self::assertEqualsWithDelta(sqrt($least / (count($paths) - $fit->parameters)), $fit->rmseDb, 1e-6);
            foreach ([[1, 0], [-1, 0], [0, 1], [0, -1], [1, -1], [-1, 1], [1, 1], [-1, -1]] as [$a, $b]) {
                $other = new Clutter(
                    max(0.0, min(15.0, $fit->clutter->constantDb + $a / 1_000)),
                    $fit->parameters === 1 ? $fit->clutter->dbPerMetre : max(0.0, min(2.0, $fit->clutter->dbPerMetre + $b / 10_000)),
                );
                self::assertGreaterThanOrEqual($least - 1e-7, $this->squares($paths, $other));
            }
        }
    }

    public function test_taking_one_out_of_the_sums_is_summing_the_others(): void
    {
        $random = new Randomizer(new Mt19937(12));
        for ($round = 0; $round < 100; $round++) {
            $paths = $this->scattered($random, $random->getInt(6, 12));
            $at = $random->getInt(0, count($paths) - 1);
            $others = array_values(array_diff_key($paths, [$at => true]));
            [$less, $fresh] = [Sums::of($paths)->without($paths[$at]), Sums::of($others)];

            self::assertSame($fresh->count, $less->count);
            self::assertEqualsWithDelta($fresh->slope(), $less->slope(), 1e-9);
            self::assertEqualsWithDelta($fresh->constantFor(0.3), $less->constantFor(0.3), 1e-9);
            self::assertEqualsWithDelta($fresh->slopeFor(3.0), $less->slopeFor(3.0), 1e-9);
            self::assertEqualsWithDelta($this->squares($others, new Clutter(2.0, 0.6)), $less->leftOver(2.0, 0.6), 1e-7);
        }
    }

    public function test_obstacles_are_those_that_the_others_say_are_far_off(): void
    {
        $random = new Randomizer(new Mt19937(13));
        $found = 0;
        for ($round = 0; $round < 150; $round++) {
            $paths = $this->scattered($random, $random->getInt(6, 24));
            $calibration = Calibration::of($random->shuffleArray($paths), new Clutter);
            $kept = $paths;
            foreach ($calibration->obstacles as $obstacle) {
                $suspects = $this->suspects($kept);
                self::assertNotSame([], $suspects);
                self::assertSame($obstacle->path->id, array_key_first($suspects));
                self::assertEqualsWithDelta($suspects[$obstacle->path->id], $obstacle->worseDb, 1e-7);
                $kept = array_values(array_filter($kept, static fn (HeardPath $path): bool => $path->id !== $obstacle->path->id));
                $found++;
            }
            if (count($calibration->obstacles) < min(intdiv(count($paths), 4), count($paths) - 5)) {
                self::assertSame([], $this->suspects($kept));
            }
        }
        self::assertGreaterThan(100, $found);
    }

    public function test_what_would_take_minutes_is_refused_at_once(): void
    {
        $paths = [];
        for ($i = 0; $i < 20_000; $i++) {
            $paths[] = new HeardPath("l{$i}", 1.0 + $i % 30, $i % 5 === 0 ? 200.0 + $i : 5.0);
        }

        $this->expectException(InvalidInput::class);
        Calibration::of($paths, new Clutter);
    }

    /**
     * @param  array<string, float>  $worse  dB by id
     * @return list<HeardPath> of 2, 4, 6 … m
     */
    private function line(int $count, float $constant, float $slope, array $worse = []): array
    {
        $paths = [];
        for ($i = 0; $i < $count; $i++) {
            $id = $count > 10 ? sprintf('l%02d', $i) : "l{$i}";
            $distance = 2.0 * ($i + 1);
            $paths[] = HeardPath::of($id, $distance, -40.0, -40.0 - $constant - $slope * $distance - ($worse[$id] ?? 0.0));
        }

        return $paths;
    }

    /** @return list<HeardPath> of any clutter, some with something in their way */
    private function scattered(Randomizer $random, int $count): array
    {
        [$constant, $slope] = [self::between($random, -3, 18), self::between($random, -0.3, 2.3)];
        $spread = self::between($random, 0.1, 3);
        $reach = $random->getInt(0, 3) === 0 ? 1.8 : 8.0;

        return array_map(static function (int $i) use ($random, $constant, $slope, $spread, $reach): HeardPath {
            $distance = 2.0 * self::between($random, 1, $reach);
            $hidden = $random->getInt(0, 4) === 0 ? self::between($random, 5, 30) : 0.0;

            $loss = $constant + $slope * $distance + $hidden + self::between($random, -$spread, $spread);

            return new HeardPath(sprintf('l%02d', $i), $distance, $loss);
        }, range(0, $count - 1));
    }

    private static function between(Randomizer $random, float $least, float $most): float
    {
        return $least + ($most - $least) * $random->getInt(0, 1_000_000) / 1_000_000;
    }

    /** @param list<HeardPath> $paths */
    private function squares(array $paths, Clutter $clutter): float
    {
        return array_sum(array_map(
            static fn (HeardPath $path): float => ($path->lossDb - $clutter->lossDb($path->distanceM)) ** 2,
            $paths,
        ));
    }

    /**
     * @param  list<HeardPath>  $kept
     * @return array<string, float> by how much each is worse than the fit of all the others, the worst first
     */
    private function suspects(array $kept): array
    {
        $suspects = [];
        foreach ($kept as $at => $path) {
            $others = array_values(array_diff_key($kept, [$at => true]));
            $fit = ClutterFit::among($others, new Clutter);
            $worse = $path->lossDb - $fit->clutter->lossDb($path->distanceM);
            if ($worse > 8 && $worse > 2.5 * $fit->rmseDb) {
                $suspects[$path->id] = $worse;
            }
        }
        arsort($suspects);

        return $suspects;
    }

    /** @return list<string> */
    private function ids(Calibration $calibration): array
    {
        return array_map(static fn (HiddenObstacle $one): string => $one->path->id, $calibration->obstacles);
    }
}
