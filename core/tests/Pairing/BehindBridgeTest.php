<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\BehindAct;
use Kavvel\Core\Pairing\BehindBridge;
use Kavvel\Core\Pairing\BridgeCount;
use Kavvel\Core\Pairing\BridgedNode;
use Kavvel\Core\Pairing\ReportedNode;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BehindBridgeTest extends TestCase
{
    public function test_nothing_is_seen_before_the_bridge_is_in(): void
    {
        $behind = $this->behind([self::node('a')], isBridgeIn: false);

        self::assertSame(BehindAct::PairBridge, $behind->act);
        self::assertSame([], $behind->candidates);
    }

    public function test_while_the_hub_is_silent_what_it_showed_may_be_old(): void
    {
        self::assertSame(BehindAct::Wait, $this->behind([self::node('a')], isHubSilent: true)->act);
    }

    public function test_the_only_one_that_fits_is_confirmed(): void
    {
        $behind = $this->behind([self::node('other', model: 'LN-CLIMATE'), self::node('lamp')]);

        self::assertSame(BehindAct::Confirm, $behind->act);
        self::assertSame('lamp', $behind->likeliest?->address);
        self::assertSame(['lamp', 'other'], self::addresses($behind), 'another model is possible, and comes last');
    }

    public function test_of_several_alike_the_one_of_its_name_is_confirmed(): void
    {
        $behind = $this->behind([self::node('a', label: 'Shelf lamp, left'), self::node('b', label: 'shelf LAMP right')]);

        self::assertSame(BehindAct::Confirm, $behind->act);
        self::assertSame('b', $behind->likeliest?->address);
        self::assertSame(['b', 'a'], self::addresses($behind));
        self::assertFalse($behind->asksForTrigger());
    }

    /** @param list<BridgedNode> $nodes */
    #[DataProvider('unclear')]
    public function test_where_nothing_tells_which_a_person_chooses(array $nodes, bool $asksForTrigger): void
    {
        $behind = $this->behind($nodes);

        self::assertSame(BehindAct::Choose, $behind->act);
        self::assertNull($behind->likeliest);
        self::assertSame($asksForTrigger, $behind->asksForTrigger());
    }

    /** @return iterable<string, array{list<BridgedNode>, bool}> */
    public static function unclear(): iterable
    {
        yield 'two alike without names' => [[self::node('a'), self::node('b')], true];
        yield 'two alike of one name' => [[self::node('a', label: 'Shelf lamp right'), self::node('b', label: 'Shelf lamp right')], true];
        yield 'one of another model' => [[self::node('a', model: 'LN-CLIMATE')], false];
    }

    public function test_what_is_another_slots_device_is_no_candidate(): void
    {
        $behind = $this->behind([self::node('a', isTaken: true), self::node('b')]);

        self::assertSame('b', $behind->likeliest?->address);
        self::assertSame(['b'], self::addresses($behind));
        self::assertSame(BehindAct::PairAtBridge, $this->behind([self::node('a', isTaken: true)])->act);
        self::assertSame(BehindAct::PairAtBridge, $this->behind([])->act);
    }

    public function test_one_that_can_never_be_it_is_no_candidate(): void
    {
        $node = new BridgedNode('a', new ReportedNode(Protocol::Zigbee, 'LN-LAMP', ['on-off']), null, true, false);

        self::assertSame(BehindAct::PairAtBridge, $this->behind([$node])->act);
    }

    /** @param list<BridgedNode> $nodes */
    #[DataProvider('counts')]
    public function test_what_is_expected_stands_against_what_is_found(int $expected, array $nodes, string $words): void
    {
        self::assertSame($words, BridgeCount::of($expected, $nodes)->words());
    }

    /** @return iterable<string, array{int, list<BridgedNode>, string}> */
    public static function counts(): iterable
    {
        yield 'all' => [2, [self::node('a'), self::node('b')], '2 are expected behind it: 2 found.'];
        yield 'one silent' => [
            2, [self::node('a'), self::node('b', isReachable: false)], '2 are expected behind it: 2 found, 1 of them does not answer.',
        ];
        yield 'too few' => [
            4,
            [self::node('a', isReachable: false), self::node('b', isReachable: false)],
            '4 are expected behind it: 2 found, 2 of them do not answer. What is missing is paired with the bridge in its own app first.',
        ];
        yield 'too many' => [
            1, [self::node('a'), self::node('b')], 'One is expected behind it: 2 found. Not all that it shows is in the plan.',
        ];
    }

    public function test_those_that_have_their_slot_are_counted(): void
    {
        self::assertSame(1, BridgeCount::of(2, [self::node('a', isTaken: true), self::node('b')])->matched);
    }

    /** @param list<BridgedNode> $nodes */
    private function behind(array $nodes, bool $isBridgeIn = true, bool $isHubSilent = false): BehindBridge
    {
        $profile = Profile::fromInput(Input::of([
            'key' => 'lamp', 'name' => 'Lamp behind a bridge', 'model' => 'LN-LAMP', 'protocol' => 'matter', 'role' => 'end',
            'power' => 'mains', 'capabilities' => ['on-off'],
        ]));

        return BehindBridge::of($profile, ['', 'Shelf lamp right'], $nodes, $isBridgeIn, $isHubSilent);
    }

    private static function node(
        string $address,
        string $model = 'LN-LAMP',
        ?string $label = null,
        bool $isReachable = true,
        bool $isTaken = false,
    ): BridgedNode {
        return new BridgedNode($address, new ReportedNode(Protocol::Matter, $model, ['on-off']), $label, $isReachable, $isTaken);
    }

    /** @return list<string> */
    private static function addresses(BehindBridge $behind): array
    {
        return array_map(static fn (BridgedNode $node): string => $node->address, $behind->candidates);
    }
}
