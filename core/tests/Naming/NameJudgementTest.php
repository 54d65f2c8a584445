<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Naming;

use Kavvel\Core\Naming\ConflictCheck;
use Kavvel\Core\Naming\Device;
use Kavvel\Core\Naming\NameJudgement;
use Kavvel\Core\Naming\NamePlan;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Naming\Sound;
use Kavvel\Core\Naming\UnknownDevice;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NameJudgementTest extends TestCase
{
    public function test_a_name_that_another_has_is_refused_with_whose_it_is(): void
    {
        self::assertSame(
            ['“Kitchen ceiling light” is already the name of the ceiling light in the kitchen. Add what tells them apart.'],
            $this->judge('a', 'Kitchen ceiling light')->refusals,
        );
        self::assertSame(
            ['“Hall ceiling light” is already the name of the ceiling light in the hall. Add what tells them apart.'],
            $this->judge('b', 'Hall ceiling light')->refusals,
        );
        self::assertSame(
            ['“gate bell” is already the name of the gate bell. Add what tells them apart.'],
            $this->judge('b', 'gate bell')->refusals,
            'one that stands in no room',
        );
        self::assertFalse($this->judge('a', 'kitchen CEILING light')->isGood());
    }

    public function test_a_name_of_its_own_is_good(): void
    {
        $judged = $this->judge('a', '  Hall   pendant ');

        self::assertTrue($judged->isGood());
        self::assertSame(['Hall pendant', []], [$judged->name->name, $judged->warnings]);
    }

    public function test_a_name_without_a_letter_is_none(): void
    {
        self::assertSame(['A name needs at least one letter or digit.'], $this->judge('a', '!!')->refusals);
    }

    public function test_what_could_be_mixed_up_warns_and_does_not_forbid(): void
    {
        $judged = $this->judge('a', 'Kitchen ceiling lights');

        self::assertTrue($judged->isGood());
        self::assertContains('“Kitchen ceiling lights” and “Kitchen ceiling light” are one letter or a plural apart.', $judged->warnings);
    }

    #[DataProvider('limits')]
    public function test_a_device_with_one_field_takes_what_fits_it_to_the_byte(Protocol $protocol, string $name, ?string $refusal): void
    {
        $devices = [new Device('x', 'Hall', 'ceiling', 'light', $protocol)];
        $judged = NameJudgement::of(new Pattern(Pattern::STANDARD), $devices, new ConflictCheck([], [], []), 'x', $name);

        self::assertSame($refusal === null ? [] : [$refusal], $judged->refusals);
    }

    /** @return array<string, array{Protocol, string, string|null}> */
    public static function limits(): array
    {
        $full = str_repeat('lamp ', 6).'ab';

        return [
            'thirty-two bytes' => [Protocol::Matter, $full, null],
            'one more' => [
                Protocol::Matter, "{$full}c",
                "“{$full}c” has 33 bytes; the Matter label takes 32. “lamp lamp lamp lamp lamp abc” would fit.",
            ],
            'one long word' => [
                Protocol::Matter, str_repeat('a', 33),
                'No short form of “'.str_repeat('a', 33).'” fits its network without cutting a word.',
            ],
            'two fields, of which one holds the room' => [Protocol::ZWave, 'Hall ceiling lamp', null],
            'no field at all' => [Protocol::Infrared, "{$full} {$full}", null],
        ];
    }

    public function test_the_fields_of_a_device_show_what_is_written_into_each(): void
    {
        $device = new Device('x', 'Hall', 'ceiling', 'light', Protocol::ZWave);
        $judged = NameJudgement::of(new Pattern(Pattern::STANDARD), [$device], new ConflictCheck([], [], []), 'x');

        self::assertSame([
            ['title' => 'Z-Wave name', 'bytes' => 16, 'text' => 'ceiling light'],
            ['title' => 'Z-Wave location', 'bytes' => 16, 'text' => 'Hall'],
        ], $judged->labels($device));
    }

    public function test_proposals_are_made_for_those_that_are_asked_for_in_the_form_that_fits(): void
    {
        $long = ['Guest bathroom', 'ceiling beside the window', 'temperature sensor'];
        $devices = [
            new Device('a', 'Hall', 'ceiling', 'light', Protocol::Matter),
            new Device('b', ...[...$long, Protocol::Matter]),
            new Device('c', 'Bath', 'ceiling beside the window', 'temperature sensor', Protocol::ZWave),
            new Device('d', 'Hall', 'wall', 'light', Protocol::Matter, 'Hall sconce'),
        ];

        self::assertSame(
            ['b' => 'Guest bath temp sens', 'd' => 'Hall sconce'],
            NamePlan::proposals(new Pattern(Pattern::STANDARD), $devices, ['d', 'b']),
        );
        self::assertSame(
            ['c' => 'Bath ceiling beside the window temperature sensor'],
            NamePlan::proposals(new Pattern('{room} {place} {what}'), [$devices[0], $devices[2]], ['c']),
        );
    }

    public function test_a_device_that_is_none_of_the_job_is_said_so(): void
    {
        $this->expectException(UnknownDevice::class);

        $this->judge('z', 'Hall pendant');
    }

    #[DataProvider('givenNames')]
    public function test_a_given_name_is_said_within_its_room(string $room, ?string $given, string $said): void
    {
        self::assertSame($said, (new Device('x', $room, 'ceiling', 'light', null, $given))->withinRoom());
    }

    /** @return list<array{string, string|null, string}> */
    public static function givenNames(): array
    {
        return [
            ['Hall', null, 'ceiling light'], ['Hall', 'Hall pendant', 'pendant'], ['Hall', 'HALL pendant', 'pendant'],
            ['Hall', 'Hall', 'Hall'], ['Hall', 'Big Hall pendant', 'Big Hall pendant'], ['Hall', 'Hallway pendant', 'Hallway pendant'],
            ['', ' pendant', ' pendant'], ['Küche', 'Küche Licht', 'Licht'], ['Hall', 'Hall ', 'Hall '],
        ];
    }

    #[DataProvider('sounds')]
    public function test_only_sounds_of_some_length_may_differ_by_one(string $one, string $other, bool $alike): void
    {
        self::assertSame($alike, Sound::areClose(Sound::of($one)->symbols ?? '', Sound::of($other)->symbols ?? ''));
    }

    /** @return list<array{string, string, bool}> */
    public static function sounds(): array
    {
        return [
            ['lamp', 'ramp', false], ['lamper', 'ramper', true], ['lampers', 'rampets', false],
            ['lamper', 'lamp', false], ['light', 'lite', true], ['h', 'h', false],
            ['h', 'lamp', false], ['lamp', 'h', false],
        ];
    }

    private function judge(string $id, string $typed): NameJudgement
    {
        return NameJudgement::of(new Pattern(Pattern::STANDARD), [
            new Device('a', 'Hall', 'ceiling', 'light', Protocol::Zigbee),
            new Device('b', 'Kitchen', 'ceiling', 'light', Protocol::Zigbee),
            new Device('c', '', 'gate', 'bell', Protocol::Zigbee),
        ], new ConflictCheck(['Hall', 'Kitchen'], [], []), $id, $typed);
    }
}
