<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\Copies;
use Kavvel\Core\Bridging\Meant;
use Kavvel\Core\Bridging\NameCell;
use Kavvel\Core\Bridging\Removal;
use Kavvel\Core\Bridging\ShownDevice;
use Kavvel\Core\Bridging\Sighting;
use Kavvel\Core\Bridging\Twins;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What an ecosystem shows, held against what is to show there. */
final class SightingTest extends TestCase
{
    public function test_by_their_marks_devices_are_found_whatever_they_are_called(): void
    {
        $sighting = Sighting::of(
            [$this->shown('a', 'Whatever', 'M1'), $this->shown('b', 'Hall light', 'M9'), $this->shown('c', 'Own lamp', 'X1')],
            [$this->meant('lamp', 'M1', 'Lamp'), $this->meant('plug', 'M2', 'Plug')],
            ['M1', 'M2', 'M9'],
            [],
        );

        self::assertSame('a', $sighting->found('lamp')?->id);
        self::assertNull($sighting->found('plug'));
        self::assertSame(['plug'], array_map(static fn (Meant $one): string => $one->device, $sighting->missing));
        self::assertSame(['b'], array_map(static fn (ShownDevice $one): string => $one->id, $sighting->surplus));
    }

    public function test_where_no_mark_is_handed_on_names_tell(): void
    {
        $sighting = Sighting::of(
            [$this->shown('a', 'Lamp', null), $this->shown('b', 'OB-1', null)],
            [$this->meant('lamp', 'M1', 'Lamp'), $this->meant('plug', 'M2', 'Plug', source: 'OB-1')],
            ['M1', 'M2'],
            ['Hub'],
        );
        self::assertSame([[], []], [$sighting->missing, $sighting->surplus]);
        self::assertSame(['a', 'b'], [$sighting->found('lamp')?->id, $sighting->found('plug')?->id]);

        $other = Sighting::of([$this->shown('a', 'Lamp', 'M7')], [$this->meant('lamp', 'M1', 'Lamp')], ['M1'], []);
        self::assertCount(1, $other->missing, 'another device of that name is another device');
    }

    public function test_what_has_neither_mark_nor_name_is_not_taken_for_what_has_none_either(): void
    {
        $sighting = Sighting::of(
            [$this->shown('a', '', null, over: 'Hub'), $this->shown('b', '', null, over: 'Other')],
            [$this->meant('lamp', null, null)],
            [],
            ['Hub'],
        );

        self::assertCount(1, $sighting->missing);
        self::assertSame(['a'], array_map(static fn ($one): string => $one->id, $sighting->surplus), 'it came by a box of ours');
    }

    public function test_of_two_of_one_device_the_one_by_the_chosen_path_is_kept_and_the_youngest_goes_first(): void
    {
        $shown = [
            $this->shown('old', 'Lamp', 'M1', over: 'Hub', since: '10:00'),
            $this->shown('box', 'Lamp 2', 'M1', over: 'Export box', since: '11:00'),
            $this->shown('new', 'Lamp 3', 'M1', over: 'Hub', since: '12:00'),
            $this->shown('plug', 'Plug', 'M2', over: 'Hub', since: '09:00'),
        ];
        $meant = [$this->meant('lamp', 'M1', 'Lamp', over: 'Export box'), $this->meant('plug', 'M2', 'Plug', over: 'Hub')];
        $sighting = Sighting::of($shown, $meant, ['M1', 'M2'], ['Hub', 'Export box']);
        [$twins] = $sighting->twins;

        self::assertCount(1, $sighting->twins);
        self::assertSame(['box', ['new', 'old']], [
            $twins->keep?->id, array_map(static fn (ShownDevice $one): string => $one->id, $twins->others),
        ]);
        self::assertSame('box', $sighting->found('lamp')?->id, 'the one that stays speaks for it');
        self::assertSame([], $sighting->surplus);
    }

    public function test_what_is_to_be_taken_out_stands_by_the_door_that_it_came_in_by(): void
    {
        $shown = [
            $this->shown('a', 'Lamp', 'M1', over: 'Hub'), $this->shown('b', 'Lamp 2', 'M1', over: 'Export box', since: '11:00'),
            $this->shown('c', 'Plug', 'M2', over: 'Hub'), $this->shown('d', 'Plug 2', 'M2', over: 'Export box', since: '11:00'),
            $this->shown('e', 'Freezer', 'M3', over: 'Hub'),
        ];
        $meant = [$this->meant('lamp', 'M1', 'Lamp', over: 'Hub'), $this->meant('plug', 'M2', 'Plug', over: 'Hub')];
        [$box, $hub] = Sighting::of($shown, $meant, ['M1', 'M2', 'M3'], ['Hub', 'Export box'])->excess();

        self::assertSame(['Export box', 2, 2, []], [$box->over, $box->count(), count($box->twins), $box->strangers]);
        self::assertSame(['Hub', 1, 'e'], [$hub->over, $hub->count(), $hub->strangers[0]->id]);
        self::assertSame([true, false, false], array_map($box->goesSingly(...), Removal::cases()));
        self::assertSame([], Sighting::of([$shown[0]], [$meant[0]], ['M1'], ['Hub'])->excess());
    }

    public function test_of_two_that_came_the_chosen_way_the_older_is_kept_as_more_hangs_on_it(): void
    {
        [$twins] = Twins::among([
            $this->shown('new', 'Lamp 2', 'M1', over: 'Hub', since: '12:00'),
            $this->shown('old', 'Lamp', 'M1', over: 'Hub', since: '10:00'),
        ], [$this->meant('lamp', 'M1', 'Lamp', over: 'Hub')]);

        self::assertSame('old', $twins->keep?->id);
        self::assertSame('lamp', $twins->meant?->device);
    }

    public function test_where_none_came_the_chosen_way_yet_the_older_stays_so_that_nothing_goes_dark(): void
    {
        [$twins] = Twins::among([
            $this->shown('new', 'Lamp 2', 'M1', over: 'Service', since: '12:00'), $this->shown('old', 'Lamp', 'M1', over: 'Hub'),
        ], [$this->meant('lamp', 'M1', 'Lamp', over: 'Export box')]);

        self::assertSame('old', $twins->keep?->id);
        self::assertSame(['new'], array_map(static fn (ShownDevice $one): string => $one->id, $twins->others));
    }

    public function test_of_twins_that_nobody_wants_there_none_is_kept(): void
    {
        $two = [$this->shown('a', 'Lamp', 'M1'), $this->shown('b', 'Lamp 2', 'M1')];
        [$twins] = Twins::among($two, []);
        self::assertSame([null, null, 2], [$twins->meant, $twins->keep, count($twins->others)]);
        self::assertSame([], Twins::among([$this->shown('a', 'Lamp', null), $this->shown('b', 'Lamp', null)], []), 'names are no proof');
    }

    /** @param array{string, string|null, bool, bool, int} $holds what shows, room, both right, seconds by hand */
    #[DataProvider('arrivals')]
    public function test_a_name_arrives_as_far_as_the_hops_hand_it_on(Copies $copies, ?int $length, ?string $source, array $holds): void
    {
        $cell = NameCell::expected($this->meant('lamp', 'M1', 'Hall lamp', source: $source, copies: $copies), $length);

        self::assertSame($holds, [$cell->shows, $cell->room, $cell->isNameRight, $cell->isRoomRight, $cell->seconds()]);
        self::assertFalse($cell->isSeen);
        self::assertSame($source === null, $cell->waitsForSource());
        self::assertSame($holds[2] && $holds[3], $cell->isRight());
    }

    /** @return iterable<string, array{Copies, int|null, string|null, array{string, string|null, bool, bool, int}}> */
    public static function arrivals(): iterable
    {
        yield 'name and room' => [Copies::Both, null, 'Hall lamp', ['Hall lamp', 'Hall', true, true, 0]];
        yield 'the name alone' => [Copies::Name, null, 'Hall lamp', ['Hall lamp', null, true, false, 30]];
        yield 'nothing' => [Copies::Nothing, null, 'Hall lamp', ['', null, false, false, 60]];
        yield 'cut off' => [Copies::Name, 6, 'Hall lamp', ['Hall l', null, false, false, 60]];
        yield 'whole, to the last letter' => [Copies::Both, 9, 'Hall lamp', ['Hall lamp', 'Hall', true, true, 0]];
        yield 'no name at the source yet' => [Copies::Both, null, null, ['', 'Hall', false, true, 30]];
    }

    public function test_what_was_read_counts_and_letters_of_a_room_may_be_large_or_small(): void
    {
        $meant = $this->meant('lamp', 'M1', 'Hall lamp');
        self::assertTrue(NameCell::seen($meant, ' Hall lamp ', 'hall ')->isRight());
        self::assertFalse(NameCell::seen($meant, 'hall lamp', 'Hall')->isNameRight, 'a name is shown as it is written');
        self::assertFalse(NameCell::seen($meant, 'Hall lamp', 'Landing')->isRoomRight);
        self::assertFalse(NameCell::seen($this->meant('lamp', 'M1', null), '', 'Hall')->isNameRight, 'nothing of it fits there');
        self::assertTrue(NameCell::seen($meant, 'Hall lamp', null)->isSeen);
    }

    public function test_what_is_work_is_linked_named_at_its_source_and_can_be_put_right(): void
    {
        $named = $this->meant('lamp', 'M1', 'Hall lamp', source: 'Hall lamp');
        $wrong = NameCell::seen($named, 'OB-1', 'Hall');
        self::assertTrue($wrong->isWork(true, true));
        self::assertFalse($wrong->isWork(false, true), 'not linked yet');
        self::assertFalse(NameCell::seen($named, 'Hall lamp', 'Hall')->isWork(true, true), 'all is right');
        self::assertTrue(NameCell::seen($named, 'Hall lamp', null)->isWork(true, true), 'the room');
        self::assertFalse(NameCell::seen($this->meant('lamp', 'M1', 'Hall lamp'), 'OB-1', null)->isWork(true, true), 'named there first');
        $unfit = $this->meant('lamp', 'M1', null, source: 'Hall lamp');
        self::assertFalse(NameCell::seen($unfit, 'Hall l', 'Hall')->isWork(true, true), 'no form of it fits there');
        self::assertTrue(NameCell::seen($unfit, 'Hall l', null)->isWork(true, true), 'but its room is set');
        $expected = NameCell::expected($named, null);
        self::assertSame([true, false], [$expected->isWork(true, false), $expected->isWork(true, true)], 'read, and not there');
        self::assertSame([0, 1, 2], array_map(NameCell::minutes(...), [[], [$wrong], [$wrong, $wrong, $wrong]]));
        self::assertSame([true, false], [$wrong->answers, NameCell::seen($named, 'OB-1', 'Hall', false)->answers]);
    }

    public function test_a_reading_is_taken_over_as_it_stands(): void
    {
        $row = $this->shown('a', 'Lamp', 'M1', over: 'Hub', since: '10:00')->toArray();
        self::assertSame([$row], array_map(static fn (ShownDevice $one): array => $one->toArray(), ShownDevice::all(Input::of([$row]))));
        self::assertSame('2026-11-25T10:00:00.000Z', $row['since']);
    }

    /**
     * @param  array<string, mixed>  $wrong
     * @param  non-empty-string  $at
     */
    #[TestWith([['device' => ''], '$[0].device'])]
    #[TestWith([['name' => 3], '$[0].name'])]
    #[TestWith([['since' => 'yesterday'], '$[0].since'])]
    #[TestWith([['reachable' => 'yes'], '$[0].reachable'])]
    #[TestWith([['capabilities' => 'all'], '$[0].capabilities'])]
    public function test_a_reading_that_is_not_as_agreed_is_refused_by_its_path(array $wrong, string $at): void
    {
        try {
            ShownDevice::all(Input::of([[...$this->shown('a', 'Lamp', 'M1')->toArray(), ...$wrong]]));
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertStringStartsWith($at, $refused->at);
        }
    }

    #[TestWith(['device', 80])]
    #[TestWith(['name', 200])]
    #[TestWith(['room', 200])]
    #[TestWith(['mark', 80])]
    #[TestWith(['over', 80])]
    #[TestWith(['form', 40])]
    public function test_what_was_read_may_be_as_long_as_agreed_and_no_longer(string $field, int $most): void
    {
        $row = $this->shown('a', 'Lamp', 'M1')->toArray();
        self::assertCount(1, ShownDevice::all(Input::of([[$field => str_repeat('x', $most)] + $row])));

        $this->expectException(InvalidInput::class);
        ShownDevice::all(Input::of([[$field => str_repeat('x', $most + 1)] + $row]));
    }

    public function test_values_and_capabilities_have_their_limits_too(): void
    {
        $row = $this->shown('a', 'Lamp', 'M1')->toArray();
        $fits = ['values' => ['level' => str_repeat('x', 200)], 'capabilities' => array_fill(0, 100, str_repeat('x', 80))];
        self::assertSame(['level' => str_repeat('x', 200)], ShownDevice::all(Input::of([$fits + $row]))[0]->values);
        self::assertCount(ShownDevice::MOST, ShownDevice::all(Input::of(array_map(
            static fn (int $number): array => ['device' => "d{$number}"] + $row,
            range(1, 2000),
        ))));
        foreach ([['values' => ['level' => str_repeat('x', 201)]], ['capabilities' => [str_repeat('x', 81)]]] as $beyond) {
            try {
                ShownDevice::all(Input::of([$beyond + $row]));
                self::fail('It was taken.');
            } catch (InvalidInput $refused) {
                self::assertStringStartsWith('$[0]', $refused->at);
            }
        }
    }

    public function test_an_id_that_stands_twice_and_a_list_beyond_all_houses_are_refused(): void
    {
        $row = $this->shown('a', 'Lamp', 'M1')->toArray();
        $able = ['capabilities' => array_fill(0, 101, 'level')] + $row;
        foreach ([[$row, $row], array_fill(0, ShownDevice::MOST + 1, $row), [$able]] as $list) {
            try {
                ShownDevice::all(Input::of($list));
                self::fail('It was taken.');
            } catch (InvalidInput $refused) {
                self::assertStringStartsWith('$', $refused->at);
            }
        }
    }

    private function shown(string $id, string $name, ?string $mark, ?string $over = null, string $since = '10:00'): ShownDevice
    {
        return ShownDevice::fromInput(Input::of([
            'device' => $id, 'name' => $name, 'room' => null, 'capabilities' => ['on-off'], 'mark' => $mark, 'over' => $over,
            'form' => 'matter-bridge', 'since' => "2026-11-25T{$since}:00.000Z", 'reachable' => true,
        ]));
    }

    private function meant(
        string $device,
        ?string $mark,
        ?string $name,
        ?string $over = null,
        ?string $source = null,
        Copies $copies = Copies::Name,
    ): Meant {
        return new Meant($device, $mark, $name, 'Hall', $source, $over, $copies);
    }
}
