<?php

declare(strict_types=1);

namespace Tests\Unit\Plan;

use App\Plan\Layout\Box;
use App\Plan\Layout\Label;
use App\Plan\Layout\LabelPlacer;
use App\Plan\Layout\PlateStacks;
use App\Plan\Layout\TextSize;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

final class LabelPlacerTest extends TestCase
{
    use TestTrait;

    private const SIZE = 0.3;

    public function test_a_name_stands_below_its_plate_when_that_is_free(): void
    {
        $plate = Box::around(5, 5, 0.8, 0.6);
        $placed = $this->placer([$plate])->place([new Label('a', ['Lamp'], $plate, self::SIZE)]);

        self::assertGreaterThan($plate->y + $plate->height, $placed['a']['box']->y);
        self::assertEqualsWithDelta(5.0, $placed['a']['box']->centreX(), 1e-9);
    }

    public function test_it_tries_above_then_right_then_left(): void
    {
        $plate = Box::around(5, 5, 0.8, 0.6);
        $below = new Box(3, 5.3, 4, 0.5);
        $above = new Box(3, 4.2, 4, 0.5);
        $right = new Box(5.4, 4.7, 2, 0.6);
        $where = function (Box ...$taken) use ($plate): string {
            $box = $this->placer([$plate, ...array_values($taken)])
                ->place([new Label('a', ['Lamp'], $plate, self::SIZE)])['a']['box'] ?? null;

            return match (true) {
                $box === null => 'nowhere',
                $box->y > $plate->y + $plate->height => 'below',
                $box->y + $box->height < $plate->y => 'above',
                $box->x > $plate->x => 'right',
                default => 'left',
            };
        };

        self::assertSame('above', $where($below));
        self::assertSame('right', $where($below, $above));
        self::assertSame('left', $where($below, $above, $right));
        self::assertSame('nowhere', $where($below, $above, $right, new Box(2, 4.7, 2.6, 0.6)));
    }

    public function test_where_the_full_text_has_no_room_a_shorter_one_is_tried(): void
    {
        $plate = Box::around(1, 1, 0.8, 0.6);
        $placer = new LabelPlacer(new Box(0, 0, 2, 3), [$plate]);
        $placed = $placer->place([new Label('a', ['Beside the northern window', 'Lamp'], $plate, self::SIZE)]);

        self::assertSame('Lamp', $placed['a']['text']);
    }

    public function test_what_is_better_left_free_is_covered_only_when_there_is_no_choice(): void
    {
        $plate = Box::around(5, 5, 0.8, 0.6);
        $below = new Box(3, 5.3, 4, 0.5);
        $free = (new LabelPlacer(new Box(0, 0, 10, 10), [$plate], [$below]))->place([new Label('a', ['Lamp'], $plate, self::SIZE)]);
        $forced = (new LabelPlacer(new Box(0, 0, 10, 10), [$plate], [new Box(0, 0, 10, 10)]))->place([new Label(
            'a',
            ['Lamp'],
            $plate,
            self::SIZE,
        )]);

        self::assertFalse($free['a']['box']->overlaps($below));
        self::assertArrayHasKey('a', $forced);
    }

    public function test_no_two_texts_ever_lie_on_each_other_or_on_a_plate_or_outside(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(0, 1_000_000))->then(static function (int $seed): void {
            $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
            $frame = new Box(0, 0, 12, 8);
            $plates = [];
            for ($i = 0; $i < 25; $i++) {
                $plates[] = Box::around($random->getInt(5, 115) / 10, $random->getInt(5, 75) / 10, 0.8, 0.6);
            }
            $labels = array_map(
                static fn (int $at, Box $plate): Label => new Label(
                    "l{$at}",
                    [str_repeat('name ', $at % 4 + 1), 'n'],
                    $plate,
                    self::SIZE,
                ),
                array_keys($plates),
                $plates,
            );
            $boxes = array_column((new LabelPlacer($frame, $plates))->place($labels), 'box');
            foreach ($boxes as $i => $box) {
                self::assertTrue($box->isInside($frame));
                foreach ([...array_slice($boxes, $i + 1), ...$plates] as $other) {
                    self::assertFalse($box->overlaps($other));
                }
            }
        });
    }

    public function test_text_is_wider_when_it_says_more_or_is_larger(): void
    {
        self::assertGreaterThan(TextSize::width('lamp', 0.3), TextSize::width('lamps', 0.3));
        self::assertGreaterThan(TextSize::width('lamp', 0.3), TextSize::width('lamp', 0.4));
        self::assertGreaterThan(TextSize::width('illi', 0.3), TextSize::width('mmmm', 0.3));
        self::assertSame(0.0, TextSize::width('', 0.3));
    }

    public function test_boxes_along_a_stroke_cover_all_of_it(): void
    {
        foreach ([[0, 0, 4, 0], [1, 5, 1, 0], [0, 0, 3, 4]] as [$ax, $ay, $bx, $by]) {
            $boxes = Box::along($ax, $ay, $bx, $by, 0.4);
            for ($share = 0.0; $share <= 1.0; $share += 0.05) {
                $spot = Box::around($ax + ($bx - $ax) * $share, $ay + ($by - $ay) * $share, 0.01, 0.01);
                self::assertNotEmpty(
                    array_filter($boxes, static fn (Box $box): bool => $box->overlaps($spot)),
                    "{$ax} {$ay} {$bx} {$by} at {$share}",
                );
            }
        }
    }

    public function test_plates_that_would_lie_on_each_other_become_one_stack(): void
    {
        $groups = PlateStacks::of(['a' => [1.0, 1.0], 'b' => [1.3, 1.2], 'c' => [5.0, 1.0], 'd' => [1.5, 1.1]], 0.8, 0.6);

        self::assertSame([['a', 'b', 'd'], ['c']], $groups);
        self::assertSame(
            [['a'], ['b']],
            PlateStacks::of(['a' => [1.0, 1.0], 'b' => [1.1, 1.7]], 0.8, 0.6),
            'far enough apart in one direction',
        );
    }

    /** @param list<Box> $taken */
    private function placer(array $taken): LabelPlacer
    {
        return new LabelPlacer(new Box(0, 0, 10, 10), $taken);
    }
}
