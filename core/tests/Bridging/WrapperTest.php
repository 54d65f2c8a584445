<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\BoxAtHand;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\EcosystemAtHand;
use Kavvel\Core\Bridging\FunctionTable;
use Kavvel\Core\Bridging\Household;
use Kavvel\Core\Bridging\Link;
use Kavvel\Core\Bridging\Outage;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\PlacedDevice;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\Trial;
use Kavvel\Core\Bridging\Want as DeviceWant;
use Kavvel\Core\Bridging\Wrappable;
use Kavvel\Core\Bridging\Wrapper;
use Kavvel\Core\Bridging\Wrapping;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Wants\Want;
use Kavvel\Core\Wants\WantedBy;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WrapperTest extends TestCase
{
    public function test_a_tilt_that_is_not_known_there_may_be_shown_as_open_and_close(): void
    {
        $house = self::house();
        $lost = self::plan($house)->impossible;
        self::assertSame(['Some phone does not know tilt.'], array_map(static fn ($one): string => $one->because(), $lost));
        self::assertSame(['tilt'], $lost[0]->lost());
        $ways = Wrappable::of($lost[0], $house, Policy::LocalFirst);
        self::assertSame(
            [['slats', 'phone', Wrapping::TiltAsCover, 'hub']],
            array_map(static fn (Wrappable $one): array => [$one->want->device, $one->want->ecosystem, $one->wrapping, $one->box], $ways),
        );
    }

    public function test_what_the_hub_makes_of_it_goes_its_own_way_and_is_wanted_instead(): void
    {
        $wrapped = self::house()->with(self::wrapper());
        self::assertSame(
            [['slats as cover', 'phone', ['cover']], ['slats', 'voice', ['tilt']]],
            array_map(static fn (DeviceWant $one): array => [$one->device, $one->ecosystem, $one->needs], $wrapped->wants()),
        );
        $plan = self::plan($wrapped);
        self::assertSame(
            [['slats as cover', ['hub'], true], ['slats', ['hub'], true]],
            array_map(static fn ($path): array => [$path->want->device, $path->way->via(), $path->isMet()], $plan->paths),
        );
        self::assertSame([], $plan->impossible);
        self::assertSame('Slats, left', $wrapped->device('slats as cover')->name);
        self::assertSame(['garden', 'hub'], [$wrapped->device('slats as cover')->room, $wrapped->device('slats as cover')->hub]);
        self::assertNull($wrapped->device('slats as cover')->bridge());
        self::assertSame(
            ['of devices as zigbee at hub to box hub',
                'from hub as matter-bridge to ecosystem phone', 'from hub as matter-bridge to ecosystem voice'],
            array_map(static fn (Link $link): string => $link->key(), Link::all($plan, [])),
            'what a box makes itself needs no link into it',
        );
    }

    public function test_what_else_is_wanted_of_the_device_is_wanted_of_it_still(): void
    {
        $house = self::house(['cover', 'tilt'], [WantedFunction::Cover, WantedFunction::Slats])->with(self::wrapper());
        self::assertSame(
            [['slats', 'phone', ['cover']], ['slats as cover', 'phone', ['cover']], ['slats', 'voice', ['cover', 'tilt']]],
            array_map(static fn (DeviceWant $one): array => [$one->device, $one->ecosystem, $one->needs], $house->wants()),
        );
    }

    public function test_nothing_is_wrapped_where_nobody_wants_it_or_it_is_made_for_another(): void
    {
        $house = self::house(['cover', 'tilt'], [WantedFunction::Cover])->with(self::wrapper());
        self::assertSame(['slats', 'slats'], array_map(static fn (DeviceWant $one): string => $one->device, $house->wants()));
        $other = self::house()->with(new Wrapper('slats', Wrapping::TiltAsCover, 'hub', 'Slats', ['panel']));
        self::assertSame(['slats', 'slats'], array_map(static fn (DeviceWant $one): string => $one->device, $other->wants()));
    }

    /**
     * @param  array<string, mixed>  $hub
     * @param  array<string, mixed>  $phone
     */
    #[DataProvider('thatWrapNothing')]
    public function test_a_wrapper_is_offered_only_where_it_would_arrive(array $hub, array $phone, ?string $in = 'hub'): void
    {
        $house = self::house(hub: $hub, phone: $phone, in: $in);
        $lost = self::plan($house)->impossible;
        self::assertNotSame([], $lost);
        self::assertSame([], Wrappable::of($lost[0], $house, Policy::LocalFirst));
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: array<string, mixed>, 2?: string|null}> */
    public static function thatWrapNothing(): iterable
    {
        yield 'the hub wraps nothing' => [['wraps' => false], []];
        yield 'open and close is not known there either' => [[], ['knows' => ['on-off']]];
        yield 'the hub drops it' => [['offers' => [['as' => 'matter-bridge', 'drops' => ['cover']]]], []];
        yield 'it is in no hub' => [[], [], null];
    }

    public function test_nothing_that_somebody_relies_on_is_wrapped(): void
    {
        $vital = self::house(more: ['vital' => true]);
        self::assertSame([], Wrappable::of(self::plan($vital)->impossible[0], $vital, Policy::LocalFirst));
        foreach (['lock', 'smoke', 'siren', 'valve', 'power'] as $never) {
            self::assertSame([], Wrapping::whereLost($never));
        }
    }

    public function test_an_activity_travels_over_an_account_and_not_over_the_standard(): void
    {
        $hub = ['offers' => [
            ['as' => 'matter-bridge', 'drops' => ['level']], ['as' => 'cloud-link', 'cloud' => true, 'drops' => ['level', 'on-off']],
        ]];
        foreach ([['cloud-link'], ['matter-bridge']] as $accepts) {
            $phone = ['accepts' => $accepts, 'knows' => ['level', 'activity']];
            $house = self::house(['on-off', 'level'], [WantedFunction::DimLight], $hub, $phone);
            $ways = Wrappable::of(self::plan($house)->impossible[0], $house, Policy::LocalFirst);
            self::assertSame(
                $accepts === ['cloud-link'] ? [Wrapping::LevelAsActivity] : [],
                array_map(static fn (Wrappable $one): Wrapping => $one->wrapping, $ways),
            );
        }
    }

    public function test_each_wrapping_says_what_it_makes_of_what(): void
    {
        self::assertSame([
            ['tilt', 'cover', true, 'closed'], ['leak', 'contact', false, 'closed'], ['on-off', 'activity', false, 'on'],
            ['level', 'activity', false, '60'],
        ], array_map(
            static fn (Wrapping $one): array => [$one->of(), $one->as(), $one->isMeasured(), $one->defaults()],
            Wrapping::cases(),
        ));
        foreach (Wrapping::cases() as $one) {
            self::assertSame([$one], Wrapping::whereLost($one->of()));
            self::assertNotSame($one->as(), FunctionTable::words($one->of()));
            self::assertNotSame('', $one->words());
        }
    }

    public function test_it_is_named_after_the_thing_and_apart_from_it_where_that_shows_too(): void
    {
        self::assertSame('Left slats', Wrapper::nameOf('Left slats', Wrapping::TiltAsCover, ['tilt']));
        self::assertSame('Left slats', Wrapper::nameOf('Left slats', Wrapping::TiltAsCover, ['tilt', 'relay']));
        self::assertSame('Blind slats', Wrapper::nameOf('Blind', Wrapping::TiltAsCover, ['cover', 'tilt']));
        self::assertSame('Sink contact', Wrapper::nameOf('Sink', Wrapping::LeakAsContact, ['leak', 'temperature']));
        self::assertSame('Strip', Wrapper::nameOf('Strip', Wrapping::LevelAsActivity, ['on-off', 'level']));
    }

    public function test_what_it_begins_as_is_one_of_what_it_can_be(): void
    {
        $can = static fn (Wrapping $one): array => array_values(array_filter(
            ['open', 'closed', 'on', 'off', '0', '1', '60', '100', '101', '6.5', ''],
            static fn (string $default): bool => $one->canBegin($default),
        ));
        self::assertSame(['open', 'closed'], $can(Wrapping::TiltAsCover));
        self::assertSame(['open', 'closed'], $can(Wrapping::LeakAsContact));
        self::assertSame(['on', 'off'], $can(Wrapping::SwitchAsActivity));
        self::assertSame(['1', '60', '100'], $can(Wrapping::LevelAsActivity));
        foreach (Wrapping::cases() as $one) {
            self::assertTrue($one->canBegin($one->defaults()));
        }
        self::assertSame('Turn its slats fully open', Wrapping::TiltAsCover->moves(true));
        self::assertSame('Turn its slats fully closed', Wrapping::TiltAsCover->moves(false));
    }

    public function test_its_id_tells_of_which_device_it_is_and_what_is_proved_of_it(): void
    {
        self::assertSame('slats as cover', self::wrapper()->id());
        self::assertSame(['slats', 'slats'], [Wrapper::rawOf('slats as cover'), Wrapper::rawOf('slats')]);
        self::assertSame([true, false], [Wrapper::isOne('slats as cover'), Wrapper::isOne('slats-as-cover')]);
        self::assertSame(['phone as cover', 'phone'], [Wrapper::rung('slats as cover', 'phone'), Wrapper::rung('slats', 'phone')]);
        self::assertSame(
            ['Tansy, as open and close', 'Tansy'],
            [Wrapper::rungWords('slats as cover', 'Tansy'), Wrapper::rungWords('slats', 'Tansy')],
        );
        self::assertSame([true, true, false, false], [
            Wrapper::isRung('phone'), Wrapper::isRung('phone as cover'), Wrapper::isRung('phone as '), Wrapper::isRung('phone as lamp'),
        ]);
        self::assertSame(['phone', 'phone'], [Wrapper::ecosystemOf('phone as cover'), Wrapper::ecosystemOf('phone')]);
    }

    public function test_it_stops_with_whatever_its_device_hangs_on(): void
    {
        $house = self::house()->with(self::wrapper());
        $house = new Household([
            ...$house->devices, new PlacedDevice('router', 'router', 'garden', Sheets::profile('zigbee', ['relay'])),
        ], $house->boxes, $house->ecosystems, $house->wants, $house->wrappers);
        $outages = Outage::all($house, self::plan($house), [' router' => ['slats']]);
        self::assertSame(
            ['slats as cover', 'slats'],
            array_map(static fn (Path $path): string => $path->want->device, $outages[count($outages) - 1]->stops),
        );
    }

    public function test_it_is_tried_as_what_it_shows_as(): void
    {
        $try = Trial::of(WantedFrom::Voice, 'Some voice', new DeviceWant('slats as cover', 'voice', ['cover']), 'slats left');
        self::assertSame('Say: “open the slats left”', $try->say);
        self::assertSame('it goes all the way open, then all the way closed, and Some voice shows which of both it is', $try->see);
        $start = Trial::of(WantedFrom::Phone, 'Some phone', new DeviceWant('lamp as activity', 'phone', ['activity']), 'film light');
        self::assertSame('Start the film light from Some phone', $start->say);
        self::assertSame('the device does it: an activity shows no state', $start->see);
    }

    private static function wrapper(): Wrapper
    {
        return new Wrapper('slats', Wrapping::TiltAsCover, 'hub', 'Slats, left', ['phone']);
    }

    private static function plan(Household $house): BridgePlan
    {
        return BridgePlan::of($house->house(), $house->wants(), Policy::LocalFirst);
    }

    /**
     * @param  list<string>  $can
     * @param  list<WantedFunction>  $wants
     * @param  array<string, mixed>  $hub
     * @param  array<string, mixed>  $phone
     * @param  array<string, mixed>  $more  of the device
     */
    private static function house(
        array $can = ['tilt'],
        array $wants = [WantedFunction::Slats],
        array $hub = [],
        array $phone = [],
        ?string $in = 'hub',
        array $more = [],
    ): Household {
        $sheet = Sheets::hub($hub + ['wraps' => true]);

        return new Household(
            [new PlacedDevice('slats', 'slats', 'garden', Sheets::profile('zigbee', $can, $more), hub: $in)],
            [new BoxAtHand('hub', 'Hub', $sheet, true, speaks: [Protocol::Zigbee])],
            [
                new EcosystemAtHand('phone', 'Some phone', Sheets::ecosystem('phone', $phone)),
                new EcosystemAtHand('voice', 'Some voice', Sheets::ecosystem('voice', ['knows' => ['cover', 'tilt']])),
            ],
            array_merge(...array_map(static fn (WantedFunction $one): array => [
                new Want('garden', $one, WantedBy::Everyone, WantedFrom::Phone),
                new Want('garden', $one, WantedBy::Everyone, WantedFrom::Voice),
            ], $wants)),
        );
    }
}
