<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\CrossFault;
use Kavvel\Core\Bridging\CrossTest;
use Kavvel\Core\Bridging\CrossTry;
use Kavvel\Core\Bridging\CrossVerdict;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Wants\PlugLoad;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A device operated from all sides and looked at from all sides. */
final class CrossTestTest extends TestCase
{
    private const PLACES = ['hub', 'voice', 'panel'];

    /** @param list<array{string, int}|null> $seen value and milliseconds of each try; null: nothing */
    #[DataProvider('cells')]
    public function test_a_cell_says_what_was_seen(array $seen, CrossVerdict $verdict, ?int $median, ?int $worst): void
    {
        $tries = array_map(static fn (?array $one): CrossTry => new CrossTry(
            'hub',
            'on',
            $one === null ? [] : ['voice' => ['value' => $one[0], 'ms' => $one[1]]],
        ), $seen);
        $cell = CrossTest::of($tries, ['hub'], ['voice'])->cell('hub', 'voice');

        self::assertSame([$verdict, $median, $worst, count($seen)], [$cell->verdict, $cell->medianMs(), $cell->worstMs(), $cell->tries]);
        self::assertSame($verdict === CrossVerdict::InTime, $cell->verdict->isGood());
    }

    /** @return iterable<string, array{list<array{string, int}|null>, CrossVerdict, int|null, int|null}> */
    public static function cells(): iterable
    {
        yield 'in time' => [[['on', 300], ['on', 200], ['on', 900]], CrossVerdict::InTime, 300, 900];
        yield 'to the last millisecond' => [[['on', 2000], ['on', 100]], CrossVerdict::InTime, 1050, 2000];
        yield 'one is late' => [[['on', 2001], ['on', 100]], CrossVerdict::Straggles, 1050, 2001];
        yield 'one is missing' => [[['on', 100], null], CrossVerdict::Misses, 100, 100];
        yield 'the wrong way round' => [[['off', 100], ['on', 100]], CrossVerdict::Reversed, 100, 100];
        yield 'wrong and late and missing: wrong' => [[['off', 9000], null], CrossVerdict::Reversed, 9000, 9000];
        yield 'nothing' => [[null, null], CrossVerdict::Silent, null, null];
        yield 'nobody tried' => [[], CrossVerdict::Untried, null, null];
        yield 'a clock that runs ahead' => [[['on', -40]], CrossVerdict::InTime, 0, 0];
    }

    public function test_all_in_time_is_good_and_has_no_fault(): void
    {
        $test = $this->test(static fn (string $from, string $at): array => ['on', 300]);

        self::assertTrue($test->isGood());
        self::assertSame([], $test->faults());
    }

    public function test_one_that_is_bad_whoever_operates_has_the_fault_on_its_own_path(): void
    {
        foreach ([
            [CrossVerdict::Straggles, ['on', 60_000], 'is late'],
            [CrossVerdict::Reversed, ['off', 300], 'shows it the wrong way round'],
            [CrossVerdict::Silent, null, 'gets no feedback'],
        ] as [$verdict, $seen, $words]) {
            $test = $this->test(static fn (string $from, string $at): ?array => $at === 'panel' ? $seen : ['on', 300]);
            [$fault] = $test->faults();

            self::assertCount(1, $test->faults());
            self::assertSame([null, 'panel', $verdict], [$fault->origin, $fault->observer, $fault->verdict]);
            self::assertStringContainsString("The panel {$words}", self::words($fault));
            self::assertFalse($test->isGood());
        }
    }

    public function test_one_whose_orders_come_nowhere_has_it_on_its_way_to_the_device(): void
    {
        $test = $this->test(static fn (string $from, string $at): ?array => $from === 'voice' ? null : ['on', 300]);

        self::assertEquals([CrossFault::from('voice')], $test->faults());
        self::assertStringContainsString('ordered in The voice comes nowhere', self::words($test->faults()[0]));
    }

    public function test_where_nobody_sees_anything_it_is_the_device_or_its_hub(): void
    {
        $test = $this->test(static fn (string $from, string $at): ?array => null);

        self::assertEquals([CrossFault::ofAll()], $test->faults());
        self::assertStringContainsString('Try it at the hub first', self::words($test->faults()[0]));
    }

    public function test_a_pair_that_is_bad_alone_is_named_as_a_pair(): void
    {
        $test = $this->test(static fn (string $from, string $at): array => ['on', $from === 'hub' && $at === 'voice' ? 9000 : 300]);
        self::assertEquals([CrossFault::between('hub', 'voice', CrossVerdict::Straggles)], $test->faults());
        self::assertStringContainsString('after orders from The hub only', self::words($test->faults()[0]));
    }

    public function test_several_faults_stand_beside_each_other_and_what_was_not_tried_is_none(): void
    {
        $tries = [
            $this->tryFrom('hub', static fn (string $at): ?array => match ($at) {
                'panel' => ['off', 100], 'voice' => null, default => ['on', 100],
            }),
            $this->tryFrom('voice', static fn (string $at): ?array => null),
        ];
        $test = CrossTest::of($tries, self::PLACES, self::PLACES);

        self::assertEquals([
            CrossFault::from('voice'), CrossFault::into('voice', CrossVerdict::Silent), CrossFault::into('panel', CrossVerdict::Reversed),
        ], $test->faults());
        self::assertSame([], CrossTest::of([], self::PLACES, self::PLACES)->faults());
        self::assertFalse(CrossTest::of([], self::PLACES, self::PLACES)->isGood());
    }

    /** @param array{bool, bool}|null $feeds whether that stays on, and whether it heats */
    #[TestWith(['light', null, true])]
    #[TestWith(['appliance', null, false])]
    #[TestWith(['socket', null, false], 'nobody has said what it feeds')]
    #[TestWith(['socket', [false, false], true])]
    #[TestWith(['socket', [true, false], false], 'it stays on')]
    #[TestWith(['socket', [false, true], false], 'it heats')]
    #[TestWith(['relay', null, true], 'it feeds nothing')]
    #[TestWith(['vital light', null, false])]
    #[TestWith(['contact', null, false], 'there is nothing to switch')]
    public function test_only_what_harms_nobody_is_switched_again_and_again(string $load, ?array $feeds, bool $may): void
    {
        $profile = Profile::fromInput(Input::of([
            'key' => 'p', 'name' => 'P', 'model' => 'M', 'protocol' => 'zigbee', 'role' => 'router', 'power' => 'mains',
            'capabilities' => match ($load) {
                'relay' => ['on-off', 'relay'], 'contact' => ['contact'], default => ['on-off'],
            },
            ...match ($load) {
                'contact' => [], 'relay' => ['load' => 'socket'], 'vital light' => ['load' => 'light', 'vital' => true],
                default => ['load' => $load],
            },
        ]));

        self::assertSame($may, CrossTest::mayBeTried($profile, $feeds === null ? null : new PlugLoad('it', 60.0, $feeds[0], $feeds[1])));
    }

    #[TestWith([1, 'off'])]
    #[TestWith([2, 'on'])]
    #[TestWith([2, 'off'])]
    #[TestWith([3, 'off'])]
    #[TestWith([4, 'on'])]
    public function test_every_order_changes_what_is_and_every_place_orders_both(int $places, string $before): void
    {
        $origins = array_map(static fn (int $number): string => "p{$number}", range(1, $places));
        $orders = CrossTest::orders($origins, $before);
        $is = $before;
        $both = [];
        foreach ($orders as [$origin, $value]) {
            self::assertNotSame($is, $value);
            $is = $value;
            $both[$origin][$value] = ($both[$origin][$value] ?? 0) + 1;
        }

        self::assertSame($origins, array_keys($both));
        foreach ($both as $some) {
            self::assertCount(2, $some);
            self::assertSame(CrossTest::TRIES, array_sum($some));
        }
        self::assertSame([], CrossTest::orders([], 'off'));
    }

    public function test_every_verdict_has_words_of_its_own(): void
    {
        $words = array_map(static fn (CrossVerdict $one): string => $one->words(), CrossVerdict::cases());
        self::assertSame($words, array_unique($words));
    }

    /** @param callable(string, string): (array{string, int}|null) $sees of an origin and an observer */
    private function test(callable $sees): CrossTest
    {
        $tries = [];
        foreach (self::PLACES as $origin) {
            foreach (range(1, CrossTest::TRIES) as $time) {
                $tries[] = $this->tryFrom($origin, static fn (string $at): ?array => $sees($origin, $at));
            }
        }

        return CrossTest::of($tries, self::PLACES, self::PLACES);
    }

    /** @param callable(string): (array{string, int}|null) $sees */
    private function tryFrom(string $origin, callable $sees): CrossTry
    {
        $seen = [];
        foreach (self::PLACES as $at) {
            $one = $sees($at);
            if ($one !== null) {
                $seen[$at] = ['value' => $one[0], 'ms' => $one[1]];
            }
        }

        return new CrossTry($origin, 'on', $seen);
    }

    private static function words(CrossFault $fault): string
    {
        return $fault->words(static fn (string $id): string => "The {$id}");
    }
}
