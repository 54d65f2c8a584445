<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\BoxAtHand;
use Kavvel\Core\Bridging\BoxSheet;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\BridgeStep;
use Kavvel\Core\Bridging\BridgeStepKind;
use Kavvel\Core\Bridging\EcosystemAtHand;
use Kavvel\Core\Bridging\FunctionTable;
use Kavvel\Core\Bridging\Growth;
use Kavvel\Core\Bridging\Household;
use Kavvel\Core\Bridging\OtherPath;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\PlacedDevice;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\PolicyFigures;
use Kavvel\Core\Bridging\Response;
use Kavvel\Core\Bridging\TornDevice;
use Kavvel\Core\Bridging\UnknownInHouse;
use Kavvel\Core\Bridging\Want as DeviceWant;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Release;
use Kavvel\Core\Wants\Want;
use Kavvel\Core\Wants\WantedBy;
use Kavvel\Core\Wants\WantedFrom;
use Kavvel\Core\Wants\WantedFunction;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class HouseholdTest extends TestCase
{
    public function test_a_want_of_a_room_asks_for_every_device_that_serves_it_there_in_every_ecosystem_of_its_kind(): void
    {
        $household = $this->household(
            [
                self::plug('a', 'hall'),
                self::plug('b', 'hall'),
                new PlacedDevice('c', 'contact', 'hall', Sheets::profile('zigbee', ['contact'])),
                self::plug('d', 'loft'),
            ],
            [['hall', WantedFunction::SwitchSocket, WantedFrom::Phone], ['hall', WantedFunction::Meter, WantedFrom::Phone],
                ['hall', WantedFunction::Opened, WantedFrom::Hub]],
            [new EcosystemAtHand('one', 'One', Sheets::ecosystem()), new EcosystemAtHand('two', 'Two', Sheets::ecosystem()),
                new EcosystemAtHand('wall', 'Wall', Sheets::ecosystem('panel'))],
        );
        self::assertSame(
            [['a', 'one', ['on-off', 'power']], ['b', 'one', ['on-off', 'power']], ['a', 'two', ['on-off', 'power']],
                ['b', 'two', ['on-off', 'power']]],
            array_map(static fn (DeviceWant $want): array => [$want->device, $want->ecosystem, $want->needs], $household->wants()),
        );
        self::assertSame([], $household->missingKinds());
        self::assertSame(['Two', 'Hub', null, null], [
            $household->ecosystem('two')?->name, $household->box('hub')?->name, $household->ecosystem('three'), $household->box('x'),
        ]);
        self::assertSame('contact', $household->device('c')->name);
    }

    public function test_what_is_wanted_from_where_there_is_nothing_is_asked_about(): void
    {
        $household = $this->household([], [
            ['hall', WantedFunction::Opened, WantedFrom::Voice], ['hall', WantedFunction::Opened, WantedFrom::Hand],
            ['hall', WantedFunction::Opened, WantedFrom::Bus],
        ], [new EcosystemAtHand('bus', 'Bus', Sheets::ecosystem('bus'))]);
        self::assertSame([WantedFrom::Voice], $household->missingKinds());
        $this->expectException(UnknownInHouse::class);
        $household->device('nobody');
    }

    public function test_what_joins_one_network_only_is_in_its_hub_and_in_no_other_box(): void
    {
        $second = BoxSheet::fromInput(Input::of([
            'key' => 'bridge', 'name' => 'Bridge', 'accepts' => ['zigbee', 'ir'], 'offers' => [['as' => 'matter-bridge']],
        ]));
        $devices = static fn (?string $hub): array => [self::plug(hub: $hub)];
        $boxes = [new BoxAtHand('second', 'Second', $second, true)];
        $wants = [['hall', WantedFunction::Meter, WantedFrom::Phone]];
        $inHub = $this->household($devices('hub'), $wants, boxes: [...$boxes, $this->hub()]);
        self::assertSame([['hub']], $this->via($inHub), 'though the other would keep its watts');
        self::assertSame([], TornDevice::among($this->plan($inHub)->paths));
        self::assertSame([['second']], $this->via($this->household($devices(null), $wants, boxes: $boxes)));
    }

    public function test_without_a_hub_a_device_that_is_wanted_over_two_boxes_is_torn(): void
    {
        $box = static fn (string $key, string $as): BoxAtHand => new BoxAtHand($key, ucfirst($key), BoxSheet::fromInput(Input::of([
            'key' => $key, 'name' => $key, 'accepts' => ['zigbee', 'ir'], 'offers' => [['as' => $as]],
        ])), true);
        $household = $this->household(
            [
                new PlacedDevice('plug', 'plug', 'hall', Sheets::profile('zigbee', ['on-off'], ['load' => 'socket'])),
                new PlacedDevice('fan', 'fan', 'hall', Sheets::profile('ir', ['on-off'], ['load' => 'socket'])),
            ],
            [['hall', WantedFunction::SwitchSocket, WantedFrom::Phone], ['hall', WantedFunction::SwitchSocket, WantedFrom::Panel]],
            [new EcosystemAtHand('phone', 'Phone', Sheets::ecosystem()),
                new EcosystemAtHand('panel', 'Panel', Sheets::ecosystem('panel', ['accepts' => ['driver']]))],
            [$box('left', 'matter-bridge'), $box('right', 'driver')],
        );
        $torn = TornDevice::among($this->plan($household)->paths);
        self::assertSame(['plug'], array_column($torn, 'device'), 'infrared reaches both');
        self::assertSame(['Left', 'Right'], $torn[0]->boxes);
    }

    public function test_what_stands_behind_a_bridge_comes_by_that_bridge(): void
    {
        $household = $this->household(
            [
                new PlacedDevice('rack', 'rack', 'hall', Sheets::profile('matter', ['bridge'], ['links' => ['matterRelease' => '1.2']])),
                new PlacedDevice('probe', 'probe', 'hall', Sheets::profile('matter', ['temperature']), behind: 'rack'),
            ],
            [['hall', WantedFunction::Temperature, WantedFrom::Phone]],
            boxes: [new BoxAtHand('hub', 'Hub', Sheets::hub(), true, speaks: [Protocol::Matter])],
        );
        self::assertSame([['rack']], $this->via($household));
        self::assertSame([], $this->plan($household)->fabrics, 'it takes no fabric of its own');
    }

    public function test_a_share_counts_the_fabrics_that_it_has_and_a_firmware_that_was_found_goes_before_the_sheet(): void
    {
        $lamp = Sheets::profile('thread', ['on-off', 'power'], ['load' => 'socket', 'links' => ['fabrics' => 6]]);
        $household = $this->household(
            [new PlacedDevice('lamp', 'lamp', 'hall', $lamp, fabricsUsed: 1)],
            [['hall', WantedFunction::SwitchSocket, WantedFrom::Phone]],
            boxes: [],
        );
        self::assertSame([2, 6], [$this->plan($household)->fabrics[0]->used, $this->plan($household)->fabrics[0]->limit]);

        $plug = [self::plug()];
        $wants = [['hall', WantedFunction::Meter, WantedFrom::Phone]];
        self::assertSame(0, $this->plan($this->household($plug, $wants))->countMet(), 'watts came with 1.3');
        self::assertSame(1, $this->plan($this->household($plug, $wants, boxes: [$this->hub(Release::of('1.3'))]))->countMet());
    }

    public function test_a_word_that_the_standard_does_not_have_is_said(): void
    {
        $household = $this->household(
            [new PlacedDevice('siren', 'landing siren', 'hall', Sheets::profile('zigbee', ['siren', 'relay']), hub: 'hub')],
            [['hall', WantedFunction::Siren, WantedFrom::Phone]],
        );
        $plan = $this->plan($household);
        self::assertSame(
            'The standard has no word for siren: it does not reach Phone.',
            $plan->impossible[0]->because(FunctionTable::words(...)),
        );
        self::assertSame(['siren'], array_column($plan->paths[0]->losses(), 'capability'), 'a relay is nobody’s want');
    }

    public function test_policies_stand_side_by_side_and_say_what_goes_otherwise(): void
    {
        $household = $this->household(
            [new PlacedDevice('plug', 'plug', 'hall', Sheets::profile('matter', ['on-off', 'power'], [
                'load' => 'socket', 'links' => ['also' => ['cloud-link'], 'matterRelease' => '1.2'],
            ]))],
            [['hall', WantedFunction::SwitchSocket, WantedFrom::Phone]],
            boxes: [],
        );
        $figures = PolicyFigures::all($household->house(), $household->wants());
        $said = array_map(static fn (PolicyFigures $one): array => [$one->met, $one->cloud, $one->lost, $one->boxes], $figures);
        self::assertSame([1, 0, 1, []], $said['local-first']);
        self::assertSame([1, 1, 0, []], $said['every-function']);
        self::assertSame($said['local-first'], $said['fewest-boxes']);
        [$other] = OtherPath::between($figures['every-function']->plan, $figures['local-first']->plan);
        self::assertSame([['power'], []], [$other->gains, $other->gives]);
        self::assertSame([], OtherPath::between($figures['fewest-boxes']->plan, $figures['local-first']->plan));
        self::assertSame('at once', Response::of($figures['local-first']->plan->paths[0]->way)->words());
        $cloud = Response::of($figures['every-function']->plan->paths[0]->way);
        self::assertSame(['0.4 to 1.5 s', 400.0, 1500.0], [$cloud->words(), $cloud->leastMs, $cloud->mostMs]);
    }

    public function test_a_limit_says_how_many_more_it_bears(): void
    {
        $household = $this->household(
            [new PlacedDevice('plug', 'plug', 'hall', Sheets::profile('zigbee', ['on-off'], ['load' => 'socket']), hub: 'hub')],
            [['hall', WantedFunction::SwitchSocket, WantedFrom::Phone]],
            [new EcosystemAtHand('phone', 'Phone', Sheets::ecosystem(more: ['mostDevices' => 150]))],
            [new BoxAtHand('hub', 'Hub', Sheets::hub(['mostDevices' => 50]), true, speaks: [Protocol::Zigbee])],
        );
        $growth = Growth::of($household, $this->plan($household)->paths);
        self::assertSame([['hub', 49], ['phone', 149]], array_map(static fn (Growth $one): array => [$one->id, $one->left()], $growth));
    }

    /** @param array<string, mixed> $given */
    #[TestWith([BridgeStepKind::DescribeHub, ['bare' => ['hub']]])]
    #[TestWith([BridgeStepKind::ChoosePolicy, ['chosen' => false]])]
    #[TestWith([BridgeStepKind::SayWhoseAccount, ['ownerless' => ['phone']]])]
    #[TestWith([BridgeStepKind::TellClient, ['told' => false]])]
    #[TestWith([BridgeStepKind::Settled, []])]
    public function test_what_is_settled_next(BridgeStepKind $kind, array $given): void
    {
        $household = $this->household(
            [self::plug()],
            [['hall', WantedFunction::Meter, WantedFrom::Phone]],
        );
        $plan = $this->plan($household);
        self::assertSame($kind, BridgeStep::next(BridgeStep::open(
            $household,
            $plan,
            $given['chosen'] ?? true,
            $given['bare'] ?? [],
            $given['ownerless'] ?? [],
            ($given['told'] ?? true) ? [] : $plan->impossible,
        ), $household)->kind);
    }

    public function test_all_that_is_open_is_counted_in_the_order_in_which_it_is_settled(): void
    {
        $household = $this->household([self::plug()], [
            ['hall', WantedFunction::Meter, WantedFrom::Phone], ['hall', WantedFunction::Meter, WantedFrom::Voice],
        ]);
        $plan = $this->plan($household);
        self::assertSame([
            BridgeStepKind::NameEcosystem, BridgeStepKind::DescribeHub, BridgeStepKind::ChoosePolicy, BridgeStepKind::SayWhoseAccount,
            BridgeStepKind::TellClient,
        ], array_map(static fn (BridgeStep $one): BridgeStepKind => $one->kind, BridgeStep::open(
            $household,
            $plan,
            false,
            ['second'],
            ['phone'],
            $plan->impossible,
        )));
    }

    public function test_a_hub_holds_a_fabric_of_what_comes_in_over_matter(): void
    {
        $hubs = [[Protocol::Matter, Protocol::Thread], [Protocol::Matter], [Protocol::Zigbee]];
        self::assertSame([2, 1, 0], array_map(
            static fn (Protocol $one): int => PlacedDevice::fabricsHeld($one, $hubs),
            [Protocol::Matter, Protocol::Thread, Protocol::Zigbee],
        ));
    }

    public function test_a_box_that_is_needed_is_brought_and_an_ecosystem_that_is_wanted_is_named_first(): void
    {
        $plug = [self::plug()];
        $hub = new BoxAtHand('hub', 'Hub', Sheets::hub(), false, speaks: [Protocol::Zigbee]);
        $household = $this->household($plug, [['hall', WantedFunction::SwitchSocket, WantedFrom::Phone]], boxes: [$hub]);
        $step = BridgeStep::next(BridgeStep::open($household, $this->plan($household), true, [], [], []), $household);
        self::assertSame([BridgeStepKind::Buy, 'hub'], [$step->kind, $step->id]);

        $voice = $this->household($plug, [['hall', WantedFunction::SwitchSocket, WantedFrom::Voice]]);
        $step = BridgeStep::next(BridgeStep::open($voice, $this->plan($voice), true, ['hub'], [], []), $voice);
        self::assertSame([BridgeStepKind::NameEcosystem, WantedFrom::Voice], [$step->kind, $step->from]);
        $none = $this->household($plug, []);
        $step = BridgeStep::next(BridgeStep::open($none, $this->plan($none), false, ['hub'], [], []), $none);
        self::assertSame(BridgeStepKind::NothingWanted, $step->kind);
    }

    /**
     * @param  list<PlacedDevice>  $devices
     * @param  list<array{string, WantedFunction, WantedFrom}>  $wants
     * @param  list<EcosystemAtHand>|null  $ecosystems
     * @param  list<BoxAtHand>|null  $boxes
     */
    private function household(array $devices, array $wants, ?array $ecosystems = null, ?array $boxes = null): Household
    {
        return new Household(
            $devices,
            $boxes ?? [$this->hub()],
            $ecosystems ?? [new EcosystemAtHand('phone', 'Phone', Sheets::ecosystem())],
            array_map(static fn (array $want): Want => new Want($want[0], $want[1], WantedBy::Everyone, $want[2]), $wants),
        );
    }

    private static function plug(string $id = 'plug', string $room = 'hall', ?string $hub = 'hub'): PlacedDevice
    {
        return new PlacedDevice($id, $id, $room, Sheets::profile('zigbee', ['on-off', 'power'], ['load' => 'socket']), hub: $hub);
    }

    private function hub(?Release $release = null): BoxAtHand
    {
        return new BoxAtHand('hub', 'Hub', Sheets::hub(), true, $release, [Protocol::Zigbee, Protocol::Matter, Protocol::Thread]);
    }

    private function plan(Household $household): BridgePlan
    {
        return BridgePlan::of($household->house(), $household->wants(), Policy::LocalFirst);
    }

    /** @return list<list<string>> */
    private function via(Household $household): array
    {
        return array_map(static fn (Path $path): array => $path->way->via(), $this->plan($household)->paths);
    }
}
