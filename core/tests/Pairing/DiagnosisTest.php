<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Cause;
use Kavvel\Core\Pairing\Diagnosis;
use Kavvel\Core\Pairing\Evidence;
use Kavvel\Core\Pairing\Light;
use Kavvel\Core\Protocol\Region;
use PHPUnit\Framework\TestCase;

final class DiagnosisTest extends TestCase
{
    public function test_a_silent_device_is_first_thought_not_to_be_in_pairing_mode(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, 0, null));

        self::assertSame('not-pairing', $causes[0]->code);
        self::assertSame('Press the side button 3 times within 2 s, with the window open.', $causes[0]->try);
        self::assertStringContainsString('the light blinks twice a second', $causes[0]->cause);
        self::assertContains('battery', $this->codes($causes));
    }

    public function test_a_light_that_was_seen_rules_that_out(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, 0, Light::Seen));

        self::assertNotContains('not-pairing', $this->codes($causes));
        self::assertSame('owned', $causes[0]->code);
        self::assertSame('Hold the side button for 10 s: that resets it. Then try again.', $causes[0]->try);
    }

    public function test_a_place_out_of_reach_comes_first_with_its_number(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 3.4, 0, null));

        self::assertSame('far', $causes[0]->code);
        self::assertStringContainsString('3 dB', $causes[0]->cause);
        self::assertStringContainsString('within 2 m', $causes[0]->try);
    }

    public function test_half_an_interview_names_what_is_missing(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 25.0, 0, Light::Seen, ['temperature', 'humidity']));

        self::assertSame('cut-short', $causes[0]->code);
        self::assertStringContainsString('Missing: temperature, humidity.', $causes[0]->cause);
        self::assertContains('unsupported', $this->codes($causes));
    }

    public function test_after_three_failures_of_one_kind_the_same_try_is_not_given_again(): void
    {
        $second = Diagnosis::of(new Evidence(AttemptState::WindowEnded, $this->profile(), 25.0, 1, null));
        $third = Diagnosis::of(new Evidence(AttemptState::WindowEnded, $this->profile(), 25.0, 2, null));

        self::assertContains('not-pairing', $this->codes($second));
        self::assertSame([], array_intersect(['not-pairing', 'window', 'cut-short'], $this->codes($third)));
        self::assertContains('swap', $this->codes($third));
    }

    public function test_a_device_without_a_recipe_still_gets_a_next_thing_to_try(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(recipe: false), null, 0, null));

        self::assertSame('Start its pairing again.', $causes[0]->try);
    }

    public function test_no_light_on_a_battery_device_puts_the_battery_first(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Waiting, $this->profile(), 25.0, 0, Light::None));

        self::assertSame(['battery', 'not-pairing', 'owned', 'crowd'], $this->codes($causes));
    }

    public function test_no_light_on_a_mains_device_puts_its_feed_first_and_never_says_press(): void
    {
        foreach ([AttemptState::Waiting, AttemptState::InPart, AttemptState::WindowEnded] as $state) {
            foreach ([0, 1, 2] as $sameBefore) {
                $causes = Diagnosis::of(new Evidence($state, $this->lamp(), 25.0, $sameBefore, Light::None));

                self::assertStringNotContainsStringIgnoringCase(
                    'press',
                    implode(' ', array_map(static fn (Cause $cause): string => $cause->try, $causes)),
                );
                self::assertNotContains('battery', $this->codes($causes));
            }
        }
        self::assertSame('power', Diagnosis::of(new Evidence(AttemptState::Waiting, $this->lamp(), 25.0, 0, Light::None))[0]->code);
    }

    public function test_another_pattern_is_another_mode(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Waiting, $this->profile(), 25.0, 0, Light::Other));

        self::assertSame(
            'Another pattern is another mode. Only when the light blinks twice a second, it waits to be found.',
            $causes[0]->cause,
        );
        self::assertSame('Let go of it for 10 s. Then: Press the side button 3 times within 2 s, with the window open.', $causes[0]->try);
        $lamp = Diagnosis::of(new Evidence(AttemptState::Waiting, $this->lamp(), 25.0, 0, Light::Other))[0];
        self::assertSame('Switch off and on 6 times, with the window open.', $lamp->try);
    }

    public function test_after_a_wake_up_that_did_nothing_the_next_advice_differs(): void
    {
        $first = Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 25.0, 0, null));
        $second = Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 25.0, 1, null));

        self::assertSame(['cut-short', 'far', 'unsupported'], $this->codes($first));
        self::assertSame(['far', 'cut-short', 'battery', 'unsupported'], $this->codes($second));
        self::assertNotSame($first[0]->try, $second[0]->try);
    }

    public function test_a_wrong_region_is_the_first_of_all_causes(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->siren(), 2.0, 0, Light::None, region: Region::Eu));

        self::assertSame('region', $causes[0]->code);
        self::assertSame('It is made for US, the hub for EU: they never hear each other.', $causes[0]->cause);
        self::assertSame('Exchange it for the EU model.', $causes[0]->try);
        self::assertNotContains(
            'region',
            $this->codes(Diagnosis::of(new Evidence(AttemptState::Silent, $this->siren(), 2.0, 0, null, region: Region::Us))),
        );
        self::assertNotContains(
            'region',
            $this->codes(Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 2.0, 0, null, region: Region::Us))),
        );
    }

    public function test_others_that_announced_are_counted(): void
    {
        $said = fn (int $strangers): string => array_column(
            array_map(
                static fn (Cause $cause): array => [$cause->code, $cause->cause],
                Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, 0, null, strangers: $strangers)),
            ),
            1,
            0,
        )['crowd'];

        self::assertSame('Another device may have answered in its place.', $said(0));
        self::assertSame('Another device announced in this window too.', $said(1));
        self::assertSame('2 other devices announced in this window too.', $said(2));
    }

    public function test_a_window_that_ended_in_the_middle_asks_for_the_window_first(): void
    {
        self::assertContains(
            'window',
            $this->codes(Diagnosis::of(new Evidence(AttemptState::WindowEnded, $this->profile(), 25.0, 0, null))),
        );
        self::assertNotContains(
            'window',
            $this->codes(Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, 0, null))),
        );
    }

    public function test_too_far_is_said_once_with_its_number(): void
    {
        $codes = $this->codes(Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 5.99, 0, null)));

        self::assertSame(['far', 'cut-short', 'unsupported'], $codes);
        self::assertSame(
            ['cut-short', 'far', 'unsupported'],
            $this->codes(Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 6.0, 0, null))),
        );
    }

    private function lamp(): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'l',
            'name' => 'Lamp',
            'model' => 'L',
            'protocol' => 'zigbee',
            'role' => 'router',
            'power' => 'mains',
            'capabilities' => ['on-off'],
            'recipe' => ['light' => 'the lamp blinks three times', 'join' => [['do' => 'power-cycle', 'times' => 6]]],
        ]));
    }

    private function siren(): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 's',
            'name' => 'Siren',
            'model' => 'S',
            'protocol' => 'zwave',
            'region' => 'US',
            'role' => 'router',
            'power' => 'mains',
            'capabilities' => ['siren'],
        ]));
    }

    /**
     * @param  list<Cause>  $causes
     * @return list<string>
     */
    private function codes(array $causes): array
    {
        return array_map(static fn (Cause $cause): string => $cause->code, $causes);
    }

    private function profile(bool $recipe = true): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'p',
            'name' => 'Relay',
            'model' => 'M',
            'protocol' => 'zigbee',
            'role' => 'end',
            'power' => 'battery',
            'capabilities' => ['temperature'],
            ...($recipe ? ['recipe' => [
                'light' => 'the light blinks twice a second',
                'join' => [['do' => 'press', 'times' => 3, 'seconds' => 2, 'target' => 'the side button']],
                'leave' => [['do' => 'hold', 'seconds' => 10, 'target' => 'the side button']],
            ]] : []),
        ]));
    }
}
