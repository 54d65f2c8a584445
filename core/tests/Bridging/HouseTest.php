<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\Ecosystem;
use Kavvel\Core\Bridging\House;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\PlacedDevice;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\Removal;
use Kavvel\Core\Bridging\Response;
use Kavvel\Core\Bridging\SharedRemoval;
use Kavvel\Core\Bridging\TooManyBoxes;
use Kavvel\Core\Bridging\UnknownInHouse;
use Kavvel\Core\Bridging\Want;
use Kavvel\Core\Protocol\Release;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class HouseTest extends TestCase
{
    public function test_twelve_boxes_are_weighed_and_thirteen_are_not(): void
    {
        $boxes = array_map(static fn (int $number): Box => new Box("b{$number}", 'B', false, [], []), range(1, 13));
        self::assertCount(12, (new House([], [], array_slice($boxes, 0, 12), []))->toBuy);
        $this->expectException(TooManyBoxes::class);
        new House([], [], $boxes, []);
    }

    public function test_nobody_of_that_name_is_an_error_of_its_own(): void
    {
        $house = new House([], [], [], []);
        $this->expectException(UnknownInHouse::class);
        $house->ecosystem('phone');
    }

    public function test_devices_that_can_take_another_fabric_and_those_that_can_not_are_told_apart_when_boxes_are_bought(): void
    {
        $can = ['on-off'];
        $house = new House([], [
            new Device('free', 'free', $can, ['matter', 'zigbee'], fabricsUsed: 4),
            new Device('full', 'full', $can, ['matter', 'zigbee'], fabricsUsed: 5),
        ], [new Box('box', 'Box', false, ['zigbee'], [new Offer('matter-bridge')])], [
            new Ecosystem('phone', 'Phone', ['matter', 'matter-bridge'], $can),
        ]);
        $plan = BridgePlan::of($house, [new Want('free', 'phone', $can), new Want('full', 'phone', $can)], Policy::LocalFirst);
        self::assertSame([['box'], 2, 0.0, 0.0], [
            $plan->buying->ids(), $plan->countMet(), $plan->buying->cost, $plan->buying->yearlyCost,
        ]);
        self::assertTrue($plan->paths[1]->way->isLocal, 'an offer is local unless it says otherwise');
    }

    public function test_of_two_boxes_that_do_the_same_for_the_same_the_smaller_id_is_bought(): void
    {
        $can = ['on-off'];
        $box = static fn (string $id): Box => new Box($id, $id, false, ['zigbee'], [new Offer('driver')], cost: 20, yearlyCost: 3);
        $house = new House([], [new Device('a', 'a', $can, ['zigbee'])], [$box('right'), $box('left'), $box('middle')], [
            new Ecosystem('e', 'E', ['driver'], $can),
        ]);
        $plan = BridgePlan::of($house, [new Want('a', 'e', $can)], Policy::LocalFirst);
        self::assertSame([['left'], 20.0, 3.0], [$plan->buying->ids(), $plan->buying->cost, $plan->buying->yearlyCost]);
    }

    public function test_a_removal_is_warned_of_where_it_takes_others_and_only_there(): void
    {
        $can = ['on-off'];
        $into = static fn (string $id, Removal $removal): Ecosystem => new Ecosystem($id, $id, ['matter-bridge'], $can, null, $removal);
        $house = new House([], [
            new Device('a', 'a', $can, ['zigbee']), new Device('b', 'b', $can, ['zigbee']),
        ], [new Box('hub', 'Hub', true, ['zigbee'], [new Offer('matter-bridge')])], [
            $into('single', Removal::Single), $into('bridge', Removal::Bridge),
        ]);
        $wants = [
            new Want('a', 'single', $can), new Want('a', 'bridge', $can), new Want('b', 'single', $can), new Want('b', 'bridge', $can),
        ];
        self::assertSame([['bridge', 'a', ['b']], ['bridge', 'b', ['a']]], array_map(
            static fn (SharedRemoval $one): array => [$one->ecosystem, $one->device, $one->alsoRemoves],
            BridgePlan::of($house, $wants, Policy::LocalFirst)->removals,
        ));
    }

    #[TestWith([0.0, 'at once'])]
    #[TestWith([999.0, '999 ms'])]
    #[TestWith([1000.0, '1.0 s'])]
    #[TestWith([1540.0, '1.5 s'])]
    public function test_how_long_it_takes_is_said_in_the_unit_that_fits(float $ms, string $words): void
    {
        $house = new House([], [new Device('a', 'a', [], ['zigbee'])], [
            new Box('hub', 'Hub', true, ['zigbee'], [new Offer('driver')], latencyMs: $ms),
        ], [new Ecosystem('e', 'E', ['driver'], [])]);
        $plan = BridgePlan::of($house, [new Want('a', 'e', [])], Policy::FewestBoxes);
        self::assertSame($words, Response::of($plan->paths[0]->way)->words());
    }

    public function test_a_bridge_whose_release_nobody_knows_holds_nothing_back(): void
    {
        /** @param array<string, string> $links */
        $bridge = static fn (array $links): ?Box => (new PlacedDevice('b', 'b', 'hall', Sheets::profile('matter', ['bridge'], [
            'links' => $links,
        ])))->bridge();
        self::assertNull($bridge([])?->release);
        self::assertEquals(Release::of('1.2'), $bridge(['matterRelease' => '1.2'])?->offers[0]->release);
        self::assertNull((new PlacedDevice('p', 'p', 'hall', Sheets::profile('matter', ['on-off'])))->bridge());
    }
}
