<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Pairing\OrderEntry;
use Kavvel\Core\Pairing\OrderSlot;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Pairing\WorkOrder;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WorkOrderTest extends TestCase
{
    use TestTrait;

    public function test_in_place_goes_outward_level_by_level(): void
    {
        $slots = [
            $this->router('near-small', null, 30), $this->router('near-big', null, 15), $this->router('far', 'near-big', 25),
            $this->end('leaf-1', 'far', 20), $this->end('leaf-2', 'near-big', 22), $this->end('own', null, 9),
        ];

        self::assertSame(['near-big', 'near-small', 'far', 'own', 'leaf-2', 'leaf-1'], $this->ids(PairingOrder::InPlace, $slots));
    }

    public function test_in_place_breaks_ties_by_margin_and_then_id(): void
    {
        $slots = [$this->router('c', null, 10), $this->router('b', null, 20), $this->router('a', null, 10)];

        self::assertSame(['b', 'a', 'c'], $this->ids(PairingOrder::InPlace, $slots));
    }

    public function test_in_place_pairs_secure_devices_right_after_their_parent(): void
    {
        $slots = [
            $this->router('r1', null, 20), $this->router('r2', 'r1', 20), $this->end('lock-b', 'r1', 5, secure: true),
            $this->end('lock-a', 'r1', 3, secure: true),
            $this->end('front', null, 1, secure: true), $this->end('sensor', 'r1', 30),
        ];

        self::assertSame(['front', 'r1', 'lock-a', 'lock-b', 'r2', 'sensor'], $this->ids(PairingOrder::InPlace, $slots));
    }

    public function test_at_the_bench_pairs_what_most_hangs_on_first(): void
    {
        $slots = [
            $this->router('r1', null, 5), $this->router('r2', 'r1', 50), $this->router('alone', null, 60),
            $this->end('x', 'r2', 9), $this->end('lock', 'r2', 9, secure: true), $this->end('a', null, 9),
        ];

        self::assertSame(['r1', 'r2', 'alone', 'lock', 'a', 'x'], $this->ids(PairingOrder::AtBench, $slots));
    }

    #[DataProvider('schools')]
    public function test_infrared_and_433_mhz_come_last_by_id(PairingOrder $school): void
    {
        $slots = [
            new OrderSlot('b-ir', Protocol::Infrared, true, true, null, 99),
            new OrderSlot('a-rf', Protocol::Rf433, false, false, 'r', 99), $this->end('z', null, 1), $this->router('r', null, 1),
        ];

        self::assertSame(['a-rf', 'b-ir'], array_slice($this->ids($school, $slots), -2));
    }

    /** @return list<array{PairingOrder}> */
    public static function schools(): array
    {
        return [[PairingOrder::InPlace], [PairingOrder::AtBench]];
    }

    public function test_what_can_not_be_done_now_comes_behind_what_can(): void
    {
        $order = array_map(static fn (string $id): OrderEntry => new OrderEntry($id, ''), ['a', 'b', 'c', 'd', 'e', 'f']);
        self::assertSame('abcdef', self::postponed($order, [], []));
        self::assertSame('bdefac', self::postponed($order, [], ['c', 'a']), 'those that were put off keep their order');
        self::assertSame('acefbd', self::postponed($order, ['d', 'b'], []));
        self::assertSame(
            'cefabd',
            self::postponed($order, ['d', 'b'], ['a']),
            'a device that was put off comes before one whose hub is silent',
        );
        self::assertSame('cefadb', self::postponed($order, ['d', 'b'], ['b', 'a']), 'and one that is both comes last');
    }

    /**
     * @param  list<OrderEntry>  $order
     * @param  list<string>  $waiting
     * @param  list<string>  $putOff
     */
    private static function postponed(array $order, array $waiting, array $putOff): string
    {
        return implode('', array_map(static fn (OrderEntry $entry): string => $entry->id, WorkOrder::postponed($order, $waiting, $putOff)));
    }

    public function test_each_entry_says_why(): void
    {
        $order = WorkOrder::of(
            PairingOrder::InPlace,
            [$this->router('r', null, 20), $this->end('a', 'r', 1), $this->end('b', 'r', 2), $this->router('s', 'r', 4)],
            'hub',
        );
        $why = array_column(array_map(static fn (OrderEntry $entry): array => [$entry->id, $entry->why], $order), 1, 0);

        self::assertSame('3 devices reach the hub through this one', $why['r']);
        self::assertSame('Mains relay; its way leads through “r”', $why['s']);
        self::assertStringContainsString('Passes nothing on', $why['a']);
    }

    public function test_the_gateway_by_name_is_the_gateway(): void
    {
        self::assertSame(['r', 'own'], $this->ids(PairingOrder::InPlace, [$this->end('own', 'hub', 1), $this->router('r', 'hub', 1)]));
    }

    /** @param list<OrderSlot> $slots */
    #[DataProvider('broken')]
    public function test_a_broken_chain_is_refused_with_its_place(array $slots, string $reason, string $at): void
    {
        try {
            WorkOrder::of(PairingOrder::InPlace, $slots, 'hub');
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame([$reason, $at], [$refused->reason, $refused->at]);
        }
    }

    /** @return array<string, array{list<OrderSlot>, string, string}> */
    public static function broken(): array
    {
        $slot = static fn (
            string $id,
            ?string $parent,
            bool $router = true,
            Protocol $protocol = Protocol::Zigbee,
        ): OrderSlot => new OrderSlot($id, $protocol, $router, false, $parent, 0);

        return [
            'a loop' => [[$slot('a', 'b'), $slot('b', 'a')], 'parent-loop', '$.slots[0].parent'],
            'its own parent' => [[$slot('a', 'a')], 'parent-loop', '$.slots[0].parent'],
            'nobody' => [[$slot('a', null), $slot('b', 'ghost')], 'unknown-id', '$.slots[1].parent'],
            'an end device' => [[$slot('a', null, false), $slot('b', 'a')], 'bad-parent', '$.slots[1].parent'],
            'an infrared device' => [[$slot('a', null, true, Protocol::Infrared), $slot('b', 'a')], 'bad-parent', '$.slots[1].parent'],
            'an id twice' => [[$slot('a', null), $slot('a', null)], 'duplicate-id', '$.slots[1].id'],
            'the gateway as a slot' => [[$slot('hub', null)], 'duplicate-id', '$.slots[0].id'],
        ];
    }

    public function test_every_slot_stands_once_after_its_parent_whatever_the_order_of_the_input(): void
    {
        $this->limitTo(80)
            ->forAll(Generators::choose(0, 1_000_000), Generators::elements([PairingOrder::InPlace, PairingOrder::AtBench]))
            ->then(function (int $seed, PairingOrder $school): void {
                $slots = $this->randomSlots($seed);
                $order = $this->ids($school, $slots);
                $shuffled = (new \Random\Randomizer(new \Random\Engine\Mt19937($seed + 1)))->shuffleArray($slots);

                self::assertSame($order, $this->ids($school, $shuffled));
                self::assertEqualsCanonicalizing(array_map(static fn (OrderSlot $slot): string => $slot->id, $slots), $order);
                $at = array_flip($order);
                foreach ($slots as $slot) {
                    if ($slot->parent !== null && ! $slot->isLast()) {
                        self::assertLessThan($at[$slot->id], $at[$slot->parent], "{$slot->parent} before {$slot->id}");
                    }
                }
            });
    }

    /** @return list<OrderSlot> */
    private function randomSlots(int $seed): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $slots = [];
        $routers = [null];
        for ($i = 0; $i < 14; $i++) {
            $isRouter = $random->getInt(0, 1) === 1;
            $protocol = [Protocol::Zigbee, Protocol::Zigbee, Protocol::ZWave, Protocol::Infrared, Protocol::Rf433][$random->getInt(0, 4)];
            $slots[] = new OrderSlot(
                "s{$i}",
                $protocol,
                $isRouter,
                $random->getInt(0, 3) === 0,
                $routers[$random->getInt(0, count($routers) - 1)],
                $random->getInt(0, 30),
            );
            if ($isRouter && ! in_array($protocol, [Protocol::Infrared, Protocol::Rf433], true)) {
                $routers[] = "s{$i}";
            }
        }

        return $slots;
    }

    /**
     * @param  list<OrderSlot>  $slots
     * @return list<string>
     */
    private function ids(PairingOrder $school, array $slots): array
    {
        return array_map(static fn (OrderEntry $entry): string => $entry->id, WorkOrder::of($school, $slots, 'hub'));
    }

    private function router(string $id, ?string $parent, float $margin): OrderSlot
    {
        return new OrderSlot($id, Protocol::Zigbee, true, false, $parent, $margin);
    }

    private function end(string $id, ?string $parent, float $margin, bool $secure = false): OrderSlot
    {
        return new OrderSlot($id, Protocol::Zigbee, false, $secure, $parent, $margin);
    }
}
