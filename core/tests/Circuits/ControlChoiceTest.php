<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Circuits;

use Kavvel\Core\Circuits\ChoiceCase;
use Kavvel\Core\Circuits\ChoiceKind;
use Kavvel\Core\Circuits\ChoiceOption;
use Kavvel\Core\Circuits\Circuit;
use Kavvel\Core\Circuits\CircuitKind;
use Kavvel\Core\Circuits\ControlChoice;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Circuits\Lamps;
use Kavvel\Core\Circuits\Prices;
use Kavvel\Core\Circuits\SwitchPlace;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ControlChoiceTest extends TestCase
{
    public function test_the_cheaper_way_stands_first_and_the_break_even_is_between(): void
    {
        // A switch: 60 + 30 min at 40 an hour = 80. A lamp: 15 + 3 min = 17. So five lamps cost more, four less.
        self::assertSame(5, self::choice(4)->breakEven());
        self::assertSame(['lamps 68', 'switch 80'], self::told(self::choice(4), 2));
        self::assertSame(['switch 80', 'lamps 85'], self::told(self::choice(5), 2));
        self::assertSame(ChoiceKind::Switch, self::choice(5)->best()?->kind);
    }

    public function test_as_dear_as_lamps_is_even(): void
    {
        self::assertSame(4, self::choice(4, lamp: [20.0, 0.0])->breakEven(), '80 against four times 20');
        self::assertSame(1, self::choice(4, lamp: [500.0, 0.0])->breakEven());
        self::assertNull(self::choice(4, lamp: [0.0, 0.0])->breakEven());
    }

    public function test_each_further_place_costs_an_accessory_and_has_its_caution(): void
    {
        $choice = self::choice(9, places: 3);

        self::assertEqualsWithDelta(80 + 2 * 30, $choice->costOf(ChoiceKind::Switch, 9), 1e-9);
        self::assertStringContainsString('travellers', implode(self::option($choice, ChoiceKind::Switch)->cautions));
        self::assertStringNotContainsString('travellers', implode(self::option(self::choice(9), ChoiceKind::Switch)->cautions));
    }

    public function test_what_rules_a_switch_out(): void
    {
        $why = static fn (ControlChoice $choice): string => implode(' ', self::option($choice, ChoiceKind::Switch)->ruledOut);

        self::assertSame('', $why(self::choice(4)));
        self::assertStringContainsString('no neutral', $why(self::choice(4, hasNeutral: false)));
        self::assertSame('', $why(self::choice(4, hasNeutral: false, needsNeutral: false)));
        self::assertSame('', $why(self::choice(4, box: 35.0)), '25 mm and 10 for connectors');
        $tight = 'It needs 35 mm, and the box is 34 mm deep: a spacer of 1 mm, or a flatter one.';
        self::assertSame($tight, $why(self::choice(4, box: 34.0)));
        self::assertSame('', $why(self::choice(4, box: 35.0, cables: 3)));
        self::assertStringContainsString('needs 40 mm', $why(self::choice(4, box: 35.0, cables: 4)));
        self::assertStringContainsString('not dimmable', $why(self::choice(4, dimmable: Dimmable::No, wantsDim: true)));
        self::assertSame('', $why(self::choice(4, dimmable: Dimmable::No)));
        self::assertStringContainsString('hang on plugs', $why(self::choice(4, plugged: 4)));
    }

    public function test_what_is_not_known_is_said_and_rules_nothing_out(): void
    {
        $option = self::option(
            self::choice(4, hasNeutral: null, box: null, dimmable: Dimmable::Unknown, wantsDim: true),
            ChoiceKind::Switch,
        );

        self::assertSame([], $option->ruledOut);
        self::assertCount(4, $option->cautions, 'mains work, neutral, box, lamps');
    }

    public function test_what_rules_lamps_and_plugs_out(): void
    {
        $why = static fn (ControlChoice $choice, ChoiceKind $kind): string => implode(' ', self::option($choice, $kind)->ruledOut);

        self::assertSame('Connected lamps never go on a dimmed circuit.', $why(self::choice(4, isDimmed: true), ChoiceKind::Lamps));
        self::assertSame('Connected lamps never go on a dimmed circuit.', $why(self::choice(4, channel: 'D1'), ChoiceKind::Lamps));
        self::assertSame('No lamps are noted.', $why(self::choice(0), ChoiceKind::Lamps));
        $half = '1 of 2 lamps hang on a plug: the others would stay as they are.';
        self::assertSame($half, $why(self::choice(2, plugged: 1), ChoiceKind::Plug));
        self::assertSame('', $why(self::choice(2, plugged: 2), ChoiceKind::Plug));
        self::assertSame('A plug switches; it does not dim.', $why(self::choice(2, plugged: 2, wantsDim: true), ChoiceKind::Plug));
        self::assertNull(self::choice(0, hasNeutral: false)->best(), 'nothing can be done as it is');
    }

    public function test_plugs_cost_what_the_lamps_on_them_ask_for(): void
    {
        $option = self::option(self::choice(4, plugged: 3), ChoiceKind::Plug);

        self::assertEqualsWithDelta(3 * 20, $option->cost, 1e-9);
        self::assertCount(1, $option->cautions);
    }

    public function test_lamps_are_tried_first_only_where_dimming_is_wanted_and_nobody_knows(): void
    {
        $isTold = static fn (bool $wantsDim, Dimmable $dimmable): bool => str_contains(
            implode(self::option(self::choice(4, wantsDim: $wantsDim, dimmable: $dimmable), ChoiceKind::Switch)->cautions),
            'Try a lamp',
        );

        self::assertSame([true, false, false], [
            $isTold(true, Dimmable::Unknown), $isTold(false, Dimmable::Unknown), $isTold(true, Dimmable::Yes),
        ]);
    }

    public function test_before_anybody_has_looked_the_usual_is_reckoned_with(): void
    {
        $usual = new SwitchPlace;

        self::assertSame([0, 1, null, null, 2, false, false, 25.0, true], array_values($usual->row()));
    }

    public function test_from_the_break_even_on_a_switch_is_never_dearer(): void
    {
        $chance = new Randomizer(new Mt19937(9));
        for ($try = 0; $try < 200; $try++) {
            $choice = self::choice(
                4,
                places: $chance->getInt(1, 3),
                lamp: [$chance->getInt(1, 400) / 10, (float) $chance->getInt(0, 20)],
            );
            $even = $choice->breakEven();
            self::assertNotNull($even);
            self::assertLessThanOrEqual($choice->costOf(ChoiceKind::Lamps, $even) + 1e-6, $choice->costOf(ChoiceKind::Switch, $even));
            if ($even > 1) {
                self::assertGreaterThan($choice->costOf(ChoiceKind::Lamps, $even - 1), $choice->costOf(ChoiceKind::Switch, $even - 1));
            }
        }
    }

    /** @param array{float, float} $lamp price and minutes */
    private static function choice(
        int $lamps,
        int $plugged = 0,
        int $places = 1,
        ?bool $hasNeutral = true,
        ?float $box = 47.0,
        int $cables = 2,
        bool $isDimmed = false,
        bool $wantsDim = false,
        bool $needsNeutral = true,
        Dimmable $dimmable = Dimmable::Yes,
        ?string $channel = null,
        array $lamp = [15.0, 3.0],
    ): ControlChoice {
        return ControlChoice::of(new ChoiceCase(
            new Circuit('c', 'Lights', CircuitKind::Light, channel: $channel, lamps: $lamps === 0 ? [] : [
                new Lamps('kitchen', $lamps, 5.0, $dimmable),
            ]),
            new SwitchPlace($plugged, $places, $hasNeutral, $box, $cables, $isDimmed, $wantsDim, 25.0, $needsNeutral),
            Prices::of([
                'labour_per_hour' => 40, 'switch' => 60, 'switch_minutes' => 30, 'accessory' => 20, 'accessory_minutes' => 15,
                'lamp' => $lamp[0], 'lamp_minutes' => $lamp[1], 'plug' => 18, 'plug_minutes' => 3,
            ]),
        ));
    }

    public function test_what_nobody_has_said_costs_what_it_often_costs(): void
    {
        self::assertSame(60.0, Prices::of()->get('switch'));
        self::assertSame(99.0, Prices::of(['switch' => 99, 'something' => 1])->get('switch'));
        self::assertEqualsWithDelta(60 + 30 * 45 / 60, Prices::of()->withLabour('switch'), 1e-9);
    }

    public function test_what_was_found_is_kept_as_it_was(): void
    {
        $place = new SwitchPlace(1, 2, false, 35.5, 4, true, true, 22.0, false);

        self::assertEquals($place, SwitchPlace::fromInput(Input::of($place->row())));
        self::assertEquals(new SwitchPlace, SwitchPlace::fromInput(Input::of((new SwitchPlace)->row())));
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('wrongPlaces')]
    public function test_what_can_not_have_been_found_is_refused(string $at, array $wrong): void
    {
        try {
            SwitchPlace::fromInput(Input::of([...(new SwitchPlace)->row(), ...$wrong]));
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame("$.{$at}", $refused->at);
        }
    }

    /** @return list<array{string, array<string, mixed>}> */
    public static function wrongPlaces(): array
    {
        return [
            ['places', ['places' => 0]], ['places', ['places' => 7]], ['plugged', ['plugged' => -1]], ['plugged', ['plugged' => 201]],
            ['cables', ['cables' => 0]], ['cables', ['cables' => 13]], ['boxDepthMm', ['boxDepthMm' => 0]],
        ];
    }

    private static function option(ControlChoice $choice, ChoiceKind $kind): ChoiceOption
    {
        return array_values(array_filter($choice->options(), static fn (ChoiceOption $one): bool => $one->kind === $kind))[0];
    }

    /** @return list<string> */
    private static function told(ControlChoice $choice, int $many): array
    {
        return array_slice(array_map(
            static fn (ChoiceOption $one): string => "{$one->kind->value} ".round($one->cost),
            $choice->options(),
        ), 0, $many);
    }
}
