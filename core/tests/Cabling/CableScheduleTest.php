<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Cabling;

use Kavvel\Core\Cabling\CablePoint;
use Kavvel\Core\Cabling\CableRun;
use Kavvel\Core\Cabling\CableSchedule;
use Kavvel\Core\Cabling\Drum;
use Kavvel\Core\Cabling\RunTooLong;
use Kavvel\Core\Site\Vec3;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CableScheduleTest extends TestCase
{
    /** @param list<Vec3>|null $route */
    #[DataProvider('ways')]
    public function test_a_run_has_its_way_its_detours_and_its_spare_ends(?array $route, float $lengthM): void
    {
        $schedule = $this->schedule([new CablePoint('p', new Vec3(3, 4, 2), 'cat6', 1, $route, true)]);

        self::assertSame($lengthM, $schedule->runs[0]->lengthM());
    }

    /** @return array<string, array{list<Vec3>|null, float}> */
    public static function ways(): array
    {
        return [
            'nothing drawn: along walls and up' => [null, 13.9],
            'drawn straight' => [[], 10.0],
            'over a duct' => [[new Vec3(0, 0, 2), new Vec3(3, 0, 2)], 13.9],
        ];
    }

    public function test_a_whole_decimetre_is_not_rounded_up_by_what_binary_adds(): void
    {
        self::assertSame(100.0, CableRun::along('p', 'cat6', 96 / 1.1, true)->lengthM());
        self::assertSame(100.1, CableRun::along('p', 'cat6', 96.001 / 1.1, true)->lengthM());
    }

    public function test_data_runs_over_ninety_metres_are_too_long(): void
    {
        $point = fn (string $id, float $way, bool $isData): CablePoint => $this->point($id, 'cat6', $way, $isData);
        $schedule = $this->schedule([$point('z', 78.3, true), $point('b', 78.18, true), $point('a', 78.19, true), $point('c', 80, false)]);

        self::assertSame([90.1, 90.0, 92.0, 90.2], array_map(static fn (CableRun $run): float => $run->lengthM(), $schedule->runs));
        self::assertSame(['a', 'z'], $schedule->tooLong());
    }

    public function test_each_cable_of_a_point_is_a_run(): void
    {
        $schedule = $this->schedule([new CablePoint('p', new Vec3(1, 0, 0), 'cat6', 3, null, true)]);

        self::assertSame(['p/1', 'p/2', 'p/3'], array_map(static fn (CableRun $run): string => $run->id, $schedule->runs));
    }

    public function test_a_drum_that_is_not_filled_becomes_the_smallest_that_holds_it(): void
    {
        $point = fn (string $id, string $cable, float $way): CablePoint => $this->point($id, $cable, $way, false);
        $drums = $this->schedule([$point('a', '7', 200), $point('b', '7', 60), $point('c', '10', 96 / 1.1), $point('d', '10', 10)])->drums;

        self::assertSame([
            ['10', 305.0, ['c', 'd'], 190.0],
            ['7', 305.0, ['a', 'b'], 11.0],
        ], array_map(self::told(...), $drums));
        self::assertSame([['7', 305.0, ['e', 'f'], 201.0]], array_map(
            self::told(...),
            $this->schedule([$point('e', '7', 48 / 1.1), $point('f', '7', 48 / 1.1)])->drums,
        ));
        self::assertSame([['7', 100.0, ['c'], 0.0]], array_map(
            self::told(...),
            $this->schedule([$point('c', '7', 96 / 1.1)])->drums,
        ));
    }

    public function test_drums_are_those_that_trying_one_after_the_other_finds(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($house = 0; $house < 100; $house++) {
            $points = array_map(static fn (int $number): CablePoint => new CablePoint(
                "p{$number}",
                new Vec3($random->getInt(0, 2400) / 10, 0, 0),
                'cat6',
                1,
                [],
                false,
            ), range(1, $random->getInt(1, 60)));
            $schedule = $this->schedule($points);
            self::assertSame(
                self::tried($schedule->runs),
                array_map(static fn (Drum $drum): array => self::told($drum)[2], $schedule->drums),
            );
        }
    }

    public function test_a_run_that_no_drum_holds_is_refused(): void
    {
        $this->expectException(RunTooLong::class);
        $this->expectExceptionMessage('The run “p” is 334 m long; the largest drum has 305 m.');
        $this->schedule([new CablePoint('p', new Vec3(300, 0, 0), 'cat6', 1, null, false)]);
    }

    private function point(string $id, string $cable, float $way, bool $isData): CablePoint
    {
        return new CablePoint($id, new Vec3($way, 0, 0), $cable, 1, [], $isData);
    }

    /** @param list<CablePoint> $points */
    private function schedule(array $points): CableSchedule
    {
        return CableSchedule::of(new Vec3(0, 0, 0), $points, [305.0, 100.0]);
    }

    /** @return array{string, float, list<string>, float} */
    private static function told(Drum $drum): array
    {
        return [$drum->cable, $drum->sizeM, array_map(static fn (CableRun $run): string => $run->id, $drum->runs), $drum->leftM()];
    }

    /**
     * @param  list<CableRun>  $runs
     * @return list<list<string>>
     */
    private static function tried(array $runs): array
    {
        usort($runs, static fn (CableRun $a, CableRun $b): int => [-$a->decimetres, $a->id] <=> [-$b->decimetres, $b->id]);
        $drums = [];
        $left = [];
        foreach ($runs as $run) {
            $drum = 0;
            while (($left[$drum] ??= 3050) < $run->decimetres) {
                $drum++;
            }
            $left[$drum] -= $run->decimetres;
            $drums[$drum][] = $run->id;
        }

        return array_values($drums);
    }
}
