<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\CrossRecord;
use Kavvel\Core\Bridging\CrossTry;
use Kavvel\Core\Input\Input;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who saw which order. */
final class CrossRecordTest extends TestCase
{
    /**
     * @param  list<array{string, int}>  $sights  value and time
     * @param  list<string>  $seen  of each order: what was seen and after how long; empty: nothing
     */
    #[DataProvider('records')]
    public function test_a_sight_belongs_to_the_order_that_explains_it(array $sights, array $seen): void
    {
        $record = $this->record($sights);
        $found = array_map(
            static fn (CrossTry $try): string => implode(' ', array_map(strval(...), $try->seen['phone'] ?? [])),
            $record->tries(),
        );

        self::assertSame($seen, $found);
        self::assertSame(! in_array('', $seen, true), $record->isCompleteFor('phone'));
    }

    /** @return iterable<string, array{list<array{string, int}>, list<string>}> of the orders on, off, on, off at 0, 2, 4 and 6 s */
    public static function records(): iterable
    {
        yield 'each at once' => [
            [['on', 300], ['off', 2300], ['on', 4300], ['off', 6300]], ['on 300', 'off 300', 'on 300', 'off 300'],
        ];
        yield 'minutes later, and still in turn' => [
            [['on', 150_000], ['off', 152_000], ['on', 154_000], ['off', 156_000]],
            ['on 150000', 'off 150000', 'on 150000', 'off 150000'],
        ];
        yield 'late by one order: that is late, and not turned' => [
            [['on', 2300], ['off', 4300], ['on', 6300], ['off', 8300]], ['on 2300', 'off 2300', 'on 2300', 'off 2300'],
        ];
        yield 'the wrong way round' => [
            [['off', 300], ['on', 2300], ['off', 4300], ['on', 6300]], ['off 300', 'on 300', 'off 300', 'on 300'],
        ];
        yield 'the wrong way round, and the last is missing' => [
            [['off', 300], ['on', 2300], ['off', 4300]], ['off 300', 'on 300', 'off 300', ''],
        ];
        yield 'one is missing' => [[['on', 300], ['on', 4300], ['off', 6300]], ['on 300', '', 'on 300', 'off 300']];
        yield 'the first is missing' => [[['off', 2300], ['on', 4300], ['off', 6300]], ['', 'off 300', 'on 300', 'off 300']];
        yield 'nothing at all' => [[], ['', '', '', '']];
        yield 'said twice counts once' => [
            [['on', 300], ['on', 400], ['off', 2300], ['on', 4300], ['off', 6300]], ['on 300', 'off 300', 'on 300', 'off 300'],
        ];
        yield 'clocks that differ a little' => [
            [['on', 0], ['off', 1750], ['on', 3900], ['off', 6100]], ['on 0', 'off -250', 'on -100', 'off 100'],
        ];
        yield 'seen long before it was ordered is something else' => [
            [['off', 1749], ['off', 2300], ['on', 4300], ['off', 6300]], ['', 'off 300', 'on 300', 'off 300'],
        ];
    }

    public function test_several_places_are_told_apart_and_one_that_was_not_looked_at_saw_nothing(): void
    {
        $record = CrossRecord::fromInput(
            Input::of([['origin' => 'voice', 'value' => 'on', 'at' => 1000]]),
            Input::of(['voice' => [['value' => 'on', 'at' => 1200]], 'panel' => []]),
        );
        [$try] = $record->tries();

        self::assertSame(['voice', 'on', ['voice' => ['value' => 'on', 'ms' => 200]]], [$try->origin, $try->value, $try->seen]);
        self::assertSame([true, false, false], array_map($record->isCompleteFor(...), ['voice', 'panel', 'garden']));
    }

    /** @param list<array{string, int}> $sights */
    private function record(array $sights): CrossRecord
    {
        $orders = array_map(static fn (int $number): array => [
            'origin' => 'voice', 'value' => $number % 2 === 0 ? 'on' : 'off', 'at' => $number * 2000,
        ], range(0, 3));

        return CrossRecord::fromInput(Input::of($orders), Input::of(['phone' => array_map(
            static fn (array $one): array => ['value' => $one[0], 'at' => $one[1]],
            $sights,
        )]));
    }
}
