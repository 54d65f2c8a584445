<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bus;

use Kavvel\Core\Bus\BusFunction;
use Kavvel\Core\Bus\BusTable;
use Kavvel\Core\Bus\BusTemplate;
use Kavvel\Core\Bus\ControlPoint;
use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BusTest extends TestCase
{
    #[DataProvider('addresses')]
    public function test_an_address_has_three_levels_two_or_one(string $text, ?int $number): void
    {
        self::assertSame($number, GroupAddress::of($text)?->number);
    }

    /** @return iterable<array{string, int|null}> */
    public static function addresses(): iterable
    {
        yield ['1/2/3', 2563];
        yield [' 01/002/3 ', 2563];
        yield ['1/515', 2563];
        yield ['2563', 2563];
        yield ['31/7/255', 65_535];
        yield ['31/2047', 65_535];
        yield ['0/0/1', 1];
        foreach (['0/0/0', '0', '32/0/1', '1/8/1', '1/1/256', '1/2048', '65536', '1/2/3/4', '1//3', 'a/b/c', '', '-1'] as $none) {
            yield [$none, null];
        }
    }

    public function test_two_spellings_are_one_address(): void
    {
        self::assertSame('1/2/3', GroupAddress::of('01/2/003')?->text);
    }

    #[DataProvider('names')]
    public function test_the_end_of_a_name_says_what_an_address_is_for(string $name, ?BusFunction $function, string $point): void
    {
        $found = BusFunction::of($name);

        self::assertSame($function, $found[0] ?? null);
        self::assertSame($point, $found[1] ?? $name);
    }

    /** @return iterable<array{string, BusFunction|null, string}> */
    public static function names(): iterable
    {
        yield ['Kitchen ceiling light switch', BusFunction::Switch, 'Kitchen ceiling light'];
        yield ['Kitchen ceiling light - Status', BusFunction::Status, 'Kitchen ceiling light'];
        yield ['Kitchen ceiling light switch status', BusFunction::Status, 'Kitchen ceiling light'];
        yield ['Hall dimmer: brightness status', BusFunction::ValueStatus, 'Hall dimmer'];
        yield ['Hall, blind_up/down', BusFunction::Move, 'Hall, blind'];
        yield ['Room 1 actual temperature', BusFunction::Actual, 'Room 1'];
        yield ['Door contact', BusFunction::Report, 'Door'];
        yield ['Kitchen lightswitch', null, 'Kitchen lightswitch'];
        yield ['Central function', null, 'Central function'];
    }

    public function test_addresses_of_one_thing_become_a_control_point_that_says_what_it_lacks(): void
    {
        $points = $this->points([
            ['1/1/1', 'Kitchen light switch'], ['1/1/2', 'kitchen light status'],
            ['1/1/3', 'Hall light switch'],
            ['1/2/1', 'Hall blind up/down'], ['1/2/2', 'Hall blind position status'],
            ['1/3/1', 'Bath heating setpoint'], ['1/3/2', 'Bath heating actual temperature'], ['1/3/3', 'Bath heating setpoint status'],
            ['1/4/1', 'Desk dimmer switch'], ['1/4/2', 'Desk dimmer value'], ['1/4/3', 'Desk dimmer value'],
            ['1/5/1', 'Hall presence'],
        ]);
        $said = [];
        foreach ($points as $point) {
            $said[$point->name] = [$point->template, $point->isComplete(), $point->findings()];
        }

        self::assertSame([
            'Bath heating' => [BusTemplate::Thermostat, true, []],
            'Desk dimmer' => [BusTemplate::Dimmer, false, [
                'Nothing tells its state, brightness it has: only what was last sent is known.', 'More than one address for: brightness.',
            ]],
            'Hall' => [BusTemplate::Sensor, true, []],
            'Hall blind' => [BusTemplate::Blind, false, ['No address for: stop.']],
            'Hall light' => [BusTemplate::Light, false, ['Nothing tells its state: only what was last sent is known.']],
            'Kitchen light' => [BusTemplate::Light, true, []],
        ], $said);
    }

    public function test_a_name_has_an_end(): void
    {
        $named = static fn (int $letters): array => BusTable::read([['Address', 'Name'], ['1/2/3', str_repeat('ß', $letters)]]);

        self::assertCount(1, $named(120));
        $this->expectExceptionMessage('row 2, name');
        $named(121);
    }

    public function test_what_can_not_be_seen_in_a_name_is_left_out(): void
    {
        $entries = BusTable::read([
            ['Address', 'Name'], ['1/2/3', "Den\nblind\u{202e}  move"], ['1/2/4', " Den\u{200f} blind\x07stop\u{a0}"],
        ]);

        self::assertSame(['Den blind move', 'Den blind stop'], array_column($entries, 'name'));
        self::assertCount(1, ControlPoint::all($entries));
    }

    public function test_a_function_may_have_a_column_of_its_own(): void
    {
        $entries = BusTable::read([
            ['Address', 'Name', 'Function'], ['1/1/1', 'Kitchen light', 'Switch'], ['1/1/2', 'Kitchen light', 'status'],
        ]);

        self::assertCount(1, ControlPoint::all($entries));
        self::assertSame([BusFunction::Switch, BusFunction::Status], array_column($entries, 'function'));
    }

    /** @param list<list<string>> $lines */
    #[DataProvider('broken')]
    public function test_a_broken_table_names_its_row(array $lines, string $at): void
    {
        try {
            BusTable::read($lines);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertStringContainsString($at, $refused->at);
        }
    }

    /** @return iterable<string, array{list<list<string>>, string}> */
    public static function broken(): iterable
    {
        $head = ['address', 'name'];
        yield 'no name' => [[$head, ['1/1/1', '']], 'row 2, name'];
        yield 'no address' => [[$head, ['1/1/1', 'x'], ['9/9/9', 'y']], 'row 3, address'];
        yield 'one twice' => [[$head, ['1/1/1', 'x'], ['1/257', 'y']], 'row 3, address'];
        yield 'a name without end' => [[$head, ['1/1/1', str_repeat('x', 121)]], 'row 2, name'];
        yield 'no heading' => [[['1/1/1', 'x']], 'row 1'];
    }

    /**
     * @param  list<array{string, string}>  $rows
     * @return list<ControlPoint>
     */
    private function points(array $rows): array
    {
        return ControlPoint::all(BusTable::read([['address', 'name'], ...$rows]));
    }
}
