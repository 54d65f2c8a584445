<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Drops;

use Kavvel\Core\Cabling\WiredPoint;
use Kavvel\Core\Drops\Drop;
use Kavvel\Core\Drops\DropCode;
use Kavvel\Core\Drops\RoomWalls;
use Kavvel\Core\Floorplan\Edits\AddRoom;
use Kavvel\Core\Floorplan\Edits\AddStorey;
use Kavvel\Core\Floorplan\FloorKind;
use Kavvel\Core\Floorplan\Measured;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Floorplan\Thing;
use Kavvel\Core\Siting\RoomSpots;
use Kavvel\Core\Tests\Floorplan\House;
use Kavvel\Core\Tests\Siting\RoomSpotsTest;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The kitchen is 4 × 3 m clear and 2.4 m high; its window at the top is 0.5 m along the wall, 1.2 m wide, from 0.9 to 2.1 m. */
final class DropTest extends TestCase
{
    /** @return iterable<string, array{string, float, float, string, string, bool}> */
    public static function places(): iterable
    {
        $edge = 'In the strip beside the window.';
        yield 'beside the window' => ['data', 0.2, 1.5, 'strips', $edge, false];
        yield 'its near bound' => ['data', 0.1, 1.5, 'strips', $edge, false];
        yield 'its far bound' => ['data', 0.3, 1.5, 'strips', $edge, false];
        yield 'low' => ['data', 0.8, 0.3, 'strips', 'Along the strip over the floor.', false];
        yield 'at worktop height' => ['data', 0.8, 1.15, 'strips', 'Along the strip over worktops, where the room has some.', false];
        yield 'high' => ['data', 0.8, 2.1, 'strips', 'Along the strip under the ceiling.', false];
        yield 'between, nearer to the floor' => ['data', 0.8, 0.8, 'strips', 'Straight from the strip over the floor, 0.35 m.', false];
        yield 'between, nearer to the ceiling' => ['data', 0.8, 1.6, 'strips', 'Straight from the strip under the ceiling, 0.35 m.', false];
        yield 'over the strip' => ['data', 0.8, 2.3, 'strips', 'Straight from the strip under the ceiling, 0.05 m.', false];
        yield 'under the strip' => ['data', 0.8, 0.1, 'strips', 'Straight from the strip over the floor, 0.05 m.', false];
        yield 'half way up' => ['data', 0.8, 1.2, 'strips', 'Along the strip over worktops, where the room has some.', false];
        yield 'nothing seen, nearer to the ceiling' => [
            'spare', 0.9, 1.7, 'strips',
            'No strip is there, and nothing will be seen of its end: move it 0.25 m up, to the strip under the ceiling.', true,
        ];
        yield 'nothing seen, over the strip under the ceiling' => [
            'spare', 0.9, 2.3, 'strips',
            'No strip is there, and nothing will be seen of its end: move it 0.05 m down, to the strip under the ceiling.', true,
        ];
        yield 'under the window' => ['data', -0.6, 0.6, 'strips', 'Straight from the strip over the floor, 0.15 m.', false];
        yield 'in the window' => ['data', -0.6, 1.5, 'strips', 'It stands in the window: move it beside.', true];
        yield 'nothing seen, beside a strip' => [
            'spare', 0.4, 0.8, 'strips',
            'No strip is there, and nothing will be seen of its end: move it 0.10 m, to the strip beside the window.', true,
        ];
        yield 'nothing seen, over a strip' => [
            'spare', 0.9, 0.7, 'strips',
            'No strip is there, and nothing will be seen of its end: move it 0.25 m down, to the strip over the floor.', true,
        ];
        yield 'nothing seen, in a strip' => ['spare', 0.2, 0.8, 'strips', $edge, false];
        yield 'a socket' => ['data', 0.8, 0.8, 'seen', 'Straight up or down.', false];
        yield 'a socket under the window' => ['data', -0.6, 0.3, 'seen', 'From below: the window is over it.', false];
        yield 'a plate over the window' => ['data', -0.6, 2.2, 'seen', 'From above: the window is under it.', false];
        yield 'no plate' => [
            'lighting feed', 0.8, 1.5, 'seen',
            'Nothing will be seen of its end: give it a plate, or bring it within 0.15 m of the ceiling or a corner.', true,
        ];
        yield 'no plate, beside the window' => [
            'lighting feed', 0.1, 1.5, 'seen',
            'Nothing will be seen of its end: give it a plate, or bring it within 0.15 m of the ceiling or a corner.', true,
        ];
        yield 'no plate, under the ceiling' => ['lighting feed', 0.8, 2.25, 'seen', 'Along the edge of the wall.', false];
        yield 'in studs' => ['spare', 0.8, 1.5, 'studs', 'Through the middle of the studs, or under a steel plate.', false];
    }

    #[DataProvider('places')]
    public function test_a_drop_lies_where_the_code_has_it(
        string $purpose,
        float $besideM,
        float $heightM,
        string $code,
        string $words,
        bool $isOut,
    ): void {
        $plan = RoomSpotsTest::house();
        [$x, $y] = self::besideTheWindow($plan, $besideM);
        $drop = Drop::of(RoomWalls::of($plan, 'kitchen'), self::point($purpose, $x, $y, $heightM), DropCode::from($code));

        self::assertSame($words, $drop->words);
        self::assertSame($isOut, $drop->isOut);
    }

    public function test_by_the_corner_the_face_of_the_other_wall_counts(): void
    {
        $plan = RoomSpotsTest::house();
        // The outline runs 0.06 m behind the face of the left wall.
        [$left, , , $bottom] = $plan->room('kitchen')->polygon()->bounds();
        $by = static fn (float $metres, DropCode $code): string => Drop::of(
            RoomWalls::of($plan, 'kitchen'),
            self::point('spare', $left + $metres, $bottom - 0.1, 1.5),
            $code,
        )->words;

        self::assertStringStartsWith('No strip is there', $by(0.37, DropCode::Strips));
        self::assertSame('In the strip beside the corner.', $by(0.36, DropCode::Strips));
        self::assertSame('Along the edge of the wall.', $by(0.21, DropCode::Seen));
        self::assertStringStartsWith('Nothing will be seen', $by(0.22, DropCode::Seen));
    }

    public function test_the_other_side_of_the_window_and_the_other_wall_are_measured_alike(): void
    {
        $plan = RoomSpotsTest::house();
        [$right, $y] = self::besideTheWindow($plan, 0.0);
        $at = static fn (float $x): string => Drop::of(
            RoomWalls::of($plan, 'kitchen'),
            self::point('spare', $x, $y, 1.5),
            DropCode::Strips,
        )->words;
        self::assertStringStartsWith('It stands in the window', $at($right - 1.19));

        // The right wall of the kitchen has the door to the hall in it.
        [, , $edge] = $plan->room('kitchen')->polygon()->bounds();
        $door = RoomSpots::of($plan, 'kitchen')->openings;
        $door = array_values(array_filter($door, static fn ($one): bool => $one->isDoor()))[0];
        $along = static fn (float $byM): string => Drop::of(
            RoomWalls::of($plan, 'kitchen'),
            self::point('spare', $edge - 0.1, $door->before()[1] + 0.45 + $byM, 1.5),
            DropCode::Strips,
        )->words;
        self::assertSame('In the strip beside the door.', $along(0.2));
        self::assertSame('In the strip beside the door.', $along(-0.9 - 0.12), 'on its other side');
        self::assertStringStartsWith('No strip is there', $along(0.35));
        self::assertStringStartsWith('It stands in the door', $along(-0.4));
    }

    public function test_upstairs_heights_count_from_that_floor(): void
    {
        $plan = House::after(RoomSpotsTest::house(), new AddStorey('Upper', 'above', 2.4, FloorKind::Timber));
        $plan = House::after($plan, new AddRoom(Measured::parse('attic 4 x 3'), 'upper'));
        $floor = $plan->storey('upper')->elevation;
        [$left, , , $bottom] = $plan->room('attic')->polygon()->bounds();
        $at = static fn (float $z): string => Drop::of(
            RoomWalls::of($plan, 'attic'),
            WiredPoint::of(
                new Thing('points', 'p', 'p', 'attic', [$left + 1.5, $bottom - 0.1, $floor + $z], ['purpose' => 'data', 'cable' => 'data']),
                'U-01',
            ) ?? throw new LogicException('It has a cable.'),
            DropCode::Strips,
        )->words;

        self::assertSame('Along the strip over the floor.', $at(0.3));
        self::assertSame('Along the strip under the ceiling.', $at(2.0));
        self::assertSame('Straight from the strip over the floor, 0.05 m.', $at(0.5));
    }

    public function test_what_is_on_no_wall_hangs_or_stands_or_is_to_be_put_on_one(): void
    {
        $plan = RoomSpotsTest::house();
        $at = static fn (float $z): Drop => Drop::of(RoomWalls::of($plan, 'kitchen'), self::point('spare', 2.0, 1.5, $z), DropCode::Strips);

        self::assertSame('Straight from the ceiling.', $at(2.2)->words);
        self::assertSame('Straight from the floor.', $at(0.2)->words);
        self::assertFalse($at(0.2)->isOut);
        self::assertSame('The plan has it on no wall: put it on the one that it will be in.', $at(0.4)->words);
        self::assertTrue($at(0.4)->isOut);
    }

    public function test_all_points_of_a_house_are_held_against_the_walls_of_their_rooms(): void
    {
        $plan = RoomSpotsTest::house();
        $point = static fn (string $key, string $room, float $x): WiredPoint => WiredPoint::of(
            new Thing('points', $key, $key, $room, [$x, 1.5, 2.3], ['purpose' => 'data', 'cable' => 'data']),
            $key,
        ) ?? throw new LogicException('It has a cable.');
        $drops = Drop::all($plan, [$point('a', 'kitchen', 2.0), $point('b', 'hall', 5.2)], DropCode::Strips);

        self::assertSame(['a', 'b'], array_keys($drops));
        self::assertSame('Straight from the ceiling.', $drops['a']->words);
        self::assertSame('b', $drops['b']->point->key);
    }

    public function test_every_code_has_its_table(): void
    {
        foreach (DropCode::cases() as $code) {
            self::assertNotSame([], $code->zones());
            self::assertNotSame('', $code->words());
        }
    }

    /**
     * @param  float  $byM  right of its right side; negative: left of it
     * @return array{float, float}
     */
    private static function besideTheWindow(Plan $plan, float $byM): array
    {
        foreach (RoomSpots::of($plan, 'kitchen')->windows() as $window) {
            [$x, $y] = $window->before();
            if ($y < 0.5) {
                return [$x + $window->opening->width / 2 + $byM, $y];
            }
        }
        throw new LogicException('There is no window at the top.');
    }

    private static function point(string $purpose, float $x, float $y, float $z): WiredPoint
    {
        return WiredPoint::of(new Thing('points', 'p1', 'p1', 'kitchen', [$x, $y, $z], ['purpose' => $purpose, 'cable' => 'data']), 'K-01')
            ?? throw new LogicException('It has a cable.');
    }
}
