<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Naming;

use Eris\Generators;
use Eris\TestTrait;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Naming\Conflict;
use Kavvel\Core\Naming\ConflictCheck;
use Kavvel\Core\Naming\Device;
use Kavvel\Core\Naming\Ecosystem;
use Kavvel\Core\Naming\Name;
use Kavvel\Core\Naming\NamePlan;
use Kavvel\Core\Naming\Pattern;
use Kavvel\Core\Naming\Text;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NamePlanTest extends TestCase
{
    use TestTrait;

    public function test_numbers_are_given_only_where_a_room_holds_two_alike(): void
    {
        $plan = $this->plan([
            ['b', 'Hall', 'ceiling', 'light'],
            ['a', 'Hall', 'ceiling', 'light'], ['c', 'Hall', 'wall', 'light'],
            ['d', 'Kitchen', 'ceiling', 'light'],
        ]);

        self::assertSame(
            ['Hall ceiling light 2', 'Hall ceiling light 1', 'Hall wall light', 'Kitchen ceiling light'],
            array_map(static fn (Name $name): string => $name->name, $plan->names),
        );
        self::assertSame([], $this->kinds($plan, 'same'));
    }

    public function test_a_pattern_without_a_number_says_that_two_are_the_same(): void
    {
        $plan = $this->plan([['a', 'Hall', '', 'light'], ['b', 'Hall', '', 'light']], '{room} {what}');

        self::assertSame([['a', 'b']], $this->kinds($plan, 'same'));
        self::assertSame('2 devices are called “Hall light”.', $plan->conflicts[0]->why);
        self::assertSame(
            '2 devices are called “Hall Light”.',
            $this->plan([['a', 'Hall', '', 'Light'], ['b', 'hall', '', 'light']], '{room} {what}')->conflicts[0]->why,
            'as the first is written',
        );
    }

    #[DataProvider('slugs')]
    public function test_ids_are_plain(string $name, string $slug): void
    {
        self::assertSame($slug, Text::slug($name));
    }

    /** @return list<array{string, string}> */
    public static function slugs(): array
    {
        return [
            ['Keeper’s room', 'keeper_s_room'], ['Küche Decke Licht', 'kuche_decke_licht'],
            ['  Salle à manger -- lampe ', 'salle_a_manger_lampe'],
            ['Straße 1', 'strasse_1'], ['Łazienka', 'lazienka'], ['Ærø', 'aero'], ['№ 5', '5'], ['客厅 灯', '客厅_灯'],
        ];
    }

    public function test_short_forms_drop_the_place_then_abbreviate_and_never_cut_a_word(): void
    {
        $plan = $this->plan([['a', 'Guest bathroom', 'ceiling beside the window', 'temperature sensor']]);

        self::assertSame('Guest bath temp sens', self::label($plan->names[0], Protocol::Matter));
        self::assertSame('temp sens', self::label($plan->names[0], Protocol::ZWave));
        self::assertSame('Guest bathroom', self::label($plan->names[0], Protocol::ZWave, 1));
    }

    public function test_what_fits_is_left_alone(): void
    {
        $plan = $this->plan([['a', 'Hall', 'ceiling', 'light']]);

        self::assertSame(['Hall ceiling light', 'ceiling light', 'Hall'], [
            self::label($plan->names[0], Protocol::Matter), self::label($plan->names[0], Protocol::ZWave),
            self::label($plan->names[0], Protocol::ZWave, 1),
        ]);
    }

    public function test_short_forms_that_meet_get_a_number(): void
    {
        $plan = $this->plan([
            ['a', 'Hall', 'ceiling', 'light', 'zwave'],
            ['b', 'Kitchen', 'ceiling', 'light', 'zwave'],
            ['c', 'Attic', 'ceiling', 'light', 'zigbee'],
        ]);

        self::assertSame(
            ['ceiling light', 'ceiling light 2', 'ceiling light'],
            array_map(static fn (Name $name): ?string => self::label($name, Protocol::ZWave), $plan->names),
        );
    }

    public function test_three_that_meet_count_upwards(): void
    {
        $plan = $this->plan(array_map(static fn (string $id): array => [$id, "Room {$id}", 'ceiling', 'light', 'zwave'], ['a', 'b', 'c']));

        self::assertSame(
            ['ceiling light', 'ceiling light 2', 'ceiling light 3'],
            array_map(static fn (Name $name): ?string => self::label($name, Protocol::ZWave), $plan->names),
        );
    }

    public function test_a_word_that_can_not_fit_is_a_conflict_and_not_a_stump(): void
    {
        $plan = $this->plan([
            ['a', 'Hall', '', 'Donaudampfschifffahrtslampe', 'zwave'],
            ['b', 'Attic', '', 'Donaudampfschifffahrtskerze', 'zigbee'],
        ]);

        self::assertNull(self::label($plan->names[0], Protocol::ZWave));
        self::assertSame([['a']], $this->kinds($plan, 'too-long'));
    }

    public function test_an_ecosystem_with_a_limit_says_which_name_is_too_long(): void
    {
        $plan = $this->plan(
            [['a', 'Keeper’s room', 'bedside', 'lamp'], ['b', 'Hall', '', 'lamp']],
            ecosystems: [new Ecosystem('voice', 20), new Ecosystem('panel', null)],
        );
        $long = array_values(array_filter($plan->conflicts, static fn (Conflict $conflict): bool => $conflict->kind === 'too-long'));

        self::assertCount(1, $long);
        self::assertSame(['voice', ['a']], [$long[0]->ecosystem, $long[0]->ids]);
    }

    public function test_a_device_named_like_a_room_or_group_is_found(): void
    {
        $plan = $this->plan([['a', '', '', 'kitchen'], ['b', '', 'all', 'blinds']], rooms: ['Kitchen'], groups: ['All blinds']);

        self::assertSame([['a'], ['b']], $this->kinds($plan, 'group'));
    }

    #[DataProvider('nearPairs')]
    public function test_names_one_letter_or_plural_apart_are_near(string $one, string $other, bool $near): void
    {
        self::assertSame($near, Text::isNear($one, $other));
        self::assertSame($near, Text::isNear($other, $one));
    }

    /** @return list<array{string, string, bool}> */
    public static function nearPairs(): array
    {
        return [
            ['hall lamp', 'hall lamps', true], ['hall lamp', 'hall damp', true], ['hall box', 'hall boxes', true],
            ['entry light', 'entries light', true],
            ['hall lamp', 'hall light', false], ['hall lamp', 'hall lamp', false], ['hall battery', 'hall batteries', true],
            ['hall lamp', 'lamp hall', false],
        ];
    }

    #[DataProvider('soundPairs')]
    public function test_names_that_sound_alike_are_found(string $one, string $other, bool $alike): void
    {
        $plan = $this->plan([['a', 'Hall', '', $one], ['b', 'Kitchen', '', $other]]);

        self::assertSame($alike ? [['a', 'b']] : [], $this->kinds($plan, 'sounds-alike'));
    }

    /** @return list<array{string, string, bool}> */
    public static function soundPairs(): array
    {
        return [
            ['ceiling light', 'ceiling lite', true], ['night lamp', 'nite lamp', true], ['light', 'light', false],
            ['lamp', 'pump', false],
            ['sink', 'zinc', true], ['write', 'right', true], ['Wärme', 'Warme', false], ['door contact', 'door contract', true],
        ];
    }

    public function test_the_same_base_with_another_number_is_no_conflict(): void
    {
        $plan = $this->plan([['a', 'Hall', '', 'lamp'], ['b', 'Hall', '', 'lamp'], ['c', 'Hall', '', 'lamp']]);

        self::assertSame([], $plan->conflicts);
    }

    public function test_rooms_that_differ_by_their_number_are_told_apart(): void
    {
        self::assertSame([], $this->plan([['a', 'Bedroom 1', 'ceiling', 'light'], ['b', 'Bedroom 2', 'ceiling', 'light']])->conflicts);
    }

    public function test_conflicts_can_be_looked_for_of_one_device_alone(): void
    {
        $devices = [
            new Device('a', 'Hall', '', 'lamp', Protocol::Zigbee), new Device('b', 'Hall', '', 'lamps', Protocol::Zigbee),
            new Device('c', 'Attic', '', 'lamp', Protocol::Zigbee), new Device('d', 'Attic', '', 'lamps', Protocol::Zigbee),
        ];
        $ids = static fn (?string $about): array => array_map(
            static fn (Conflict $conflict): array => $conflict->ids,
            NamePlan::of(new Pattern(Pattern::STANDARD), $devices, new ConflictCheck([], [], []), about: $about)->conflicts,
        );

        self::assertSame([['a', 'b'], ['c', 'd']], $ids(null));
        self::assertSame([['a', 'b']], $ids('b'));
    }

    public function test_a_pattern_that_names_nothing_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('{what}');

        new Pattern('{room} {n}');
    }

    public function test_an_unknown_part_of_a_pattern_is_named(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('“{floor}”');

        new Pattern('{floor} {what}');
    }

    public function test_short_forms_always_fit_and_never_meet(): void
    {
        $words = [
            'ceiling', 'wall', 'window', 'motion sensor', 'light', 'radiator valve', 'Küche', 'bedroom', 'temperature', 'blind', '',
        ];
        $this->limitTo(60)->forAll(Generators::choose(0, 1_000_000))->then(function (int $seed) use ($words): void {
            $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
            $pick = static fn (): string => $words[$random->getInt(0, count($words) - 1)];
            $devices = [];
            for ($i = 0; $i < 20; $i++) {
                $devices[] = ["d{$i}", ucfirst($pick()), $pick(), $pick() ?: 'lamp', $i % 2 === 0 ? 'zwave' : 'zigbee'];
            }
            $plan = $this->plan($devices);
            $matter = array_filter(array_map(static fn (Name $name): ?string => self::label($name, Protocol::Matter), $plan->names));
            self::assertSame(count($matter), count(array_unique($matter)));
            foreach ($plan->names as $at => $name) {
                self::assertLessThanOrEqual(32, strlen((string) self::label($name, Protocol::Matter)));
                self::assertLessThanOrEqual(16, strlen((string) self::label($name, Protocol::ZWave)));
                self::assertLessThanOrEqual(16, strlen((string) self::label($name, Protocol::ZWave, 1)));
                $known = preg_split(
                    '/\s+/',
                    mb_strtolower($name->name).' '.implode(' ', NamePlan::ABBREVIATIONS).' '.mb_strtolower($devices[$at][2]),
                ) ?: [];
                foreach (explode(' ', mb_strtolower((string) self::label($name, Protocol::Matter))) as $word) {
                    self::assertTrue(ctype_digit($word) || in_array($word, $known, true), "“{$word}” of “{$name->name}” is whole");
                }
            }
        });
    }

    /**
     * @param  list<array{0: string, 1: string, 2: string, 3: string, 4?: string}>  $devices
     * @param  list<string>  $rooms
     * @param  list<string>  $groups
     * @param  list<Ecosystem>  $ecosystems
     */
    private function plan(
        array $devices,
        string $pattern = Pattern::STANDARD,
        array $rooms = [],
        array $groups = [],
        array $ecosystems = [],
    ): NamePlan {
        return NamePlan::of(
            new Pattern($pattern),
            array_map(
                static fn (array $device): Device => new Device(
                    $device[0],
                    $device[1],
                    $device[2],
                    $device[3],
                    Protocol::from($device[4] ?? 'zigbee'),
                ),
                $devices,
            ),
            new ConflictCheck($rooms, $groups, $ecosystems),
        );
    }

    private static function label(Name $name, Protocol $protocol, int $field = 0): ?string
    {
        return $name->label($protocol->rules()->labelFields()[$field]);
    }

    /** @return list<list<string>> */
    private function kinds(NamePlan $plan, string $kind): array
    {
        return array_values(array_map(
            static fn (Conflict $conflict): array => $conflict->ids,
            array_filter($plan->conflicts, static fn (Conflict $conflict): bool => $conflict->kind === $kind),
        ));
    }
}
