<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Radio\Sight;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Floor;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Opening;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\Wall;
use PHPUnit\Framework\TestCase;

final class SightTest extends TestCase
{
    public function test_infrared_goes_straight_and_not_far(): void
    {
        $open = new Building([], []);
        self::assertSame([true, "in sight, 8.0\u{a0}m"], $this->seen($open, new Vec3(0, 0, 1), new Vec3(8, 0, 1)));
        self::assertSame([false, "too far: 8.1\u{a0}m"], $this->seen($open, new Vec3(0, 0, 1), new Vec3(8.1, 0, 1)));
    }

    public function test_a_wall_and_a_floor_stop_it_and_an_open_door_or_gap_does_not(): void
    {
        $wall = new Wall([2, -5], [2, 5], 0, 2.4, [new Layer('plasterboard', 0.0125)], [
            new Opening('door', 4.5, 1, 0, 2, [new Layer('wood', 0.04)]), new Opening('gap', 7, 1, 0, 2, []),
            new Opening('window', 1, 1, 0, 2, [new Layer('glass', 0.004)]),
        ], 'hall wall');
        $house = new Building(
            $wall->segments(),
            [new Floor(2.7, [[-9, -9], [9, -9], [9, 9], [-9, 9]], [new Layer('wood', 0.02)], 'floor of the loft')],
        );

        self::assertSame([true, 'while the door in hall wall stands open'], $this->seen($house, new Vec3(0, 0, 1), new Vec3(4, 0, 1)));
        self::assertSame([true, "in sight, 4.0\u{a0}m"], $this->seen($house, new Vec3(0, 2.5, 1), new Vec3(4, 2.5, 1)));
        self::assertSame([false, 'blocked by the hall wall'], $this->seen($house, new Vec3(0, 1.5, 1), new Vec3(4, 1.5, 1)));
        self::assertSame([false, 'blocked by the window in hall wall'], $this->seen($house, new Vec3(0, -3.5, 1), new Vec3(4, -3.5, 1)));
        self::assertSame([false, 'blocked by the floor of the loft'], $this->seen($house, new Vec3(0, 0, 1), new Vec3(0.5, 0, 3)));
    }

    public function test_rooms_that_are_one_do_not_stop_it(): void
    {
        $open = new Wall([2, -5], [2, 5], 0, 2.4, [], [], 'open side');

        self::assertTrue($this->seen(new Building($open->segments(), []), new Vec3(0, 0, 1), new Vec3(4, 0, 1))[0]);
    }

    /** @return array{bool, string} */
    private function seen(Building $building, Vec3 $from, Vec3 $to): array
    {
        $sight = Sight::between($building, $from, $to);

        return [$sight->isFree(), $sight->words()];
    }
}
