<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\BlasterSights;
use Kavvel\Core\Coverage\FewestHearers;
use Kavvel\Core\Coverage\Promising;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\WallSegment;
use PHPUnit\Framework\TestCase;

final class SightsAndHearersTest extends TestCase
{
    public function test_a_blaster_stands_where_there_is_power_and_a_surface(): void
    {
        self::assertTrue(BlasterSights::mayStandAt('socket', true));
        self::assertTrue(BlasterSights::mayStandAt('shelf', true));
        self::assertFalse(BlasterSights::mayStandAt('shelf', false));
        self::assertFalse(BlasterSights::mayStandAt('ceiling', true));
    }

    public function test_it_stands_on_a_shelf_over_a_socket_and_no_lower_than_its_point(): void
    {
        self::assertEquals(new Vec3(1, 2, 3.7), BlasterSights::over(new Vec3(1, 2, 3.0), 2.5));
        self::assertEquals(new Vec3(1, 2, 4.5), BlasterSights::over(new Vec3(1, 2, 4.5), 2.5));
    }

    public function test_the_fewest_blasters_see_what_no_wall_hides(): void
    {
        $house = new Building([new WallSegment([5, -9], [5, 9], 0, 2.4, [new Layer('brick', 0.1)], 'wall')], []);
        $sights = new BlasterSights(
            $house,
            ['east' => new Vec3(8, 0, 1.2), 'far' => new Vec3(-8, 0, 1.2), 'west' => new Vec3(2, 0, 1.2)],
            ['1' => new Vec3(0, 0, 1), 'b' => new Vec3(4, 3, 1), 'c' => new Vec3(7, 3, 1), 'd' => new Vec3(4, 20, 1)],
        );
        $fewest = $sights->fewest();

        self::assertSame([['east', 'west'], 3, ['d']], [$fewest->add, $fewest->acceptedAfter, $fewest->open]);
        self::assertSame('blocked by the wall', $sights->from('west')['c']->words());
        self::assertSame([], $sights->from('cellar'));
    }

    public function test_the_fewest_hearers_hear_what_the_hub_does_not(): void
    {
        $fewest = FewestHearers::of(
            $this->open(),
            [$this->end('hub', 0, Role::Root)],
            [$this->end('near', 5), $this->end('1', 400), $this->end('2', 420), $this->end('lost', 9000)],
            [$this->end('between', 200, Role::Router), $this->end('there', 410, Role::Router)],
            12.0,
        );

        self::assertSame(
            [['there'], 1, 3, ['lost']],
            [$fewest->add, $fewest->acceptedBefore, $fewest->acceptedAfter, $fewest->open],
        );
    }

    public function test_relays_that_are_planned_hear_already_and_what_both_hear_counts_once(): void
    {
        $fewest = FewestHearers::of(
            $this->open(),
            [$this->end('hub', 0, Role::Root), $this->end('beside', 10, Role::Router), $this->end('planned', 410, Role::Router)],
            [$this->end('near', 5), $this->end('1', 400), $this->end('2', 420), $this->end('lost', 9000)],
            [$this->end('there', 415, Role::Router)],
            12.0,
        );

        self::assertSame([[], ['lost']], [$fewest->add, $fewest->open]);
        self::assertSame($fewest->acceptedBefore, $fewest->acceptedAfter);
        self::assertSame(3, $fewest->acceptedBefore);
    }

    public function test_of_too_many_places_those_that_hear_the_most_are_looked_at(): void
    {
        $devices = array_map(fn (int $n): RadioEnd => $this->end("d{$n}", $n / 10), range(1, 500));
        $places = array_map(
            fn (int $n): RadioEnd => $this->end("p{$n}", $n % 2 === 0 ? 20 : 9000, Role::Router),
            range(1, 13),
        );
        $keys = static fn (array $ends): array => array_map(static fn (RadioEnd $end): string => $end->key, $ends);

        self::assertSame(
            ['p2', 'p4', 'p6', 'p8', 'p10', 'p12'],
            $keys(Promising::of($this->open(), $devices, $places, 12.0)),
        );
        self::assertSame($places, Promising::of($this->open(), array_slice($devices, 0, 300), $places, 12.0));
    }

    private function open(): RadioPlan
    {
        return new RadioPlan(new Building([], []), new Clutter);
    }

    private function end(string $key, float $x, Role $role = Role::End): RadioEnd
    {
        return new RadioEnd($key, new Vec3($x, 0, 1), new Transceiver(2440, 4, -93), 0.0, $role);
    }
}
