<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\Capability;
use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\Ecosystem;
use Kavvel\Core\Bridging\House;
use Kavvel\Core\Bridging\Household;
use Kavvel\Core\Bridging\Link;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\Outage;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\Removal;
use Kavvel\Core\Bridging\RemovalAdvice;
use Kavvel\Core\Bridging\Want;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RemovalAdviceTest extends TestCase
{
    /**
     * @param  list<string>  $also
     * @param  non-empty-string  $how
     */
    #[TestWith([Removal::Single, [], 'Take it out of the list of what Hub shows, then out of Phone.'])]
    #[TestWith([Removal::Bridge, ['lamp'], 'Do not delete it in Phone. Take it out of the list of what Hub shows: it leaves by itself'])]
    #[TestWith([Removal::NotOffered, ['lamp'], 'Do not delete it in Phone.'])]
    public function test_each_manner_of_removal_has_its_warning_and_its_way_out(Removal $removal, array $also, string $how): void
    {
        [$plug, , $share] = $this->advice($removal);
        self::assertSame($also, $plug->alsoRemoves);
        self::assertStringStartsWith($how, $plug->how);
        self::assertStringStartsWith('Back in the list', $plug->back);
        self::assertSame(['share', [], 'Take it out in Phone: it came by itself, and goes by itself.'], [
            $share->device, $share->alsoRemoves, $share->how,
        ]);
        self::assertStringStartsWith('It comes back by a new window', $share->back);
    }

    public function test_what_is_behind_no_bridge_goes_alone_whatever_the_ecosystem_does(): void
    {
        [$plug] = $this->advice(Removal::NotOffered, 'driver');
        self::assertSame([[], 'Take it out of the list of what Hub shows, then out of Phone.'], [$plug->alsoRemoves, $plug->how]);
    }

    public function test_what_brings_nothing_of_what_is_wanted_is_not_linked_and_goes_with_nobody(): void
    {
        $house = new House([new Capability('siren', isStandard: false)], [
            new Device('plug', 'plug', ['on-off'], ['zigbee']), new Device('both', 'both', ['on-off', 'siren'], ['zigbee']),
            new Device('siren', 'siren', ['siren'], ['zigbee']),
        ], [new Box('hub', 'Hub', true, ['zigbee'], [new Offer('matter-bridge')])], [
            new Ecosystem('phone', 'Phone', ['matter-bridge'], ['on-off', 'siren'], null, Removal::Bridge),
        ]);
        $wants = [
            new Want('plug', 'phone', ['on-off']), new Want('both', 'phone', ['siren', 'on-off', 'siren']),
            new Want('siren', 'phone', ['siren']),
        ];
        $plan = BridgePlan::of($house, $wants, Policy::LocalFirst);

        self::assertSame([true, true, false], array_map(static fn (Path $path): bool => $path->brings(), $plan->paths));
        self::assertSame(['plug', 'both'], array_map(static fn (Path $path): string => $path->want->device, $plan->worthwhile()));
        self::assertSame([['plug', 'both']], array_map(static fn (Link $link): array => $link->devices, Link::all($plan, ['hub'])));
        self::assertSame(
            [['both'], ['plug'], ['both', 'plug']],
            array_map(static fn (RemovalAdvice $one): array => $one->alsoRemoves, RemovalAdvice::all($plan, $house)),
        );
        foreach (Outage::all(new Household([], [], [], []), $plan) as $outage) {
            self::assertNotContains('siren', array_map(
                static fn (Path $path): string => $path->want->device,
                [...$outage->stops, ...$outage->goesOn],
            ));
        }
    }

    /** @return non-empty-list<RemovalAdvice> */
    private function advice(Removal $removal, string $form = 'matter-bridge'): array
    {
        $can = ['on-off'];
        $house = new House([], [
            new Device('plug', 'plug', $can, ['zigbee']), new Device('lamp', 'lamp', $can, ['zigbee']),
            new Device('share', 'share', $can, ['matter']),
        ], [new Box('hub', 'Hub', true, ['zigbee'], [new Offer($form)])], [
            new Ecosystem('phone', 'Phone', ['matter', 'matter-bridge', 'driver'], $can, null, $removal),
        ]);
        $wants = [new Want('plug', 'phone', $can), new Want('lamp', 'phone', $can), new Want('share', 'phone', $can)];
        $all = RemovalAdvice::all(BridgePlan::of($house, $wants, Policy::LocalFirst), $house);
        self::assertCount(3, $all);

        return [$all[0], $all[1], $all[2]];
    }
}
