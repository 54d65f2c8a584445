<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Cause;
use Kavvel\Core\Pairing\Diagnosis;
use Kavvel\Core\Pairing\Evidence;
use Kavvel\Core\Pairing\Failure;
use Kavvel\Core\Pairing\Light;
use Kavvel\Core\Pairing\NetworkFacts;
use Kavvel\Core\Protocol\Region;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DiagnosisTest extends TestCase
{
    public function test_a_silent_device_is_first_thought_not_to_be_in_pairing_mode(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, null));

        self::assertSame('not-pairing', $causes[0]->code);
        self::assertSame('Press the side button 3 times within 2 s, with the window open.', $causes[0]->try);
        self::assertStringContainsString('the light blinks twice a second', $causes[0]->cause);
        self::assertContains('battery', $this->codes($causes));
    }

    public function test_a_light_that_was_seen_rules_that_out(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, Light::Seen));

        self::assertNotContains('not-pairing', $this->codes($causes));
        self::assertSame('owned', $causes[0]->code);
        self::assertSame('Hold the side button for 10 s: that resets it. Then try again.', $causes[0]->try);
    }

    public function test_a_place_out_of_reach_comes_first_with_its_number(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 3.4, null));

        self::assertSame('far', $causes[0]->code);
        self::assertStringContainsString('3 dB', $causes[0]->cause);
        self::assertStringContainsString('within 2 m', $causes[0]->try);
    }

    public function test_half_an_interview_names_what_is_missing(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 25.0, Light::Seen, ['temperature', 'humidity']));

        self::assertSame('cut-short', $causes[0]->code);
        self::assertStringContainsString('Missing: temperature, humidity.', $causes[0]->cause);
        self::assertContains('unsupported', $this->codes($causes));
    }

    public function test_after_three_failures_of_one_kind_the_same_try_is_not_given_again(): void
    {
        $advice = [];
        for ($failure = 1; $failure <= 9; $failure++) {
            $advice[] = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, advisedBefore: $advice))[0]->code;
        }

        self::assertSame(
            ['not-pairing', 'not-pairing', 'owned', 'owned', 'window', 'window', 'battery', 'battery', 'crowd'],
            $advice,
        );
        $spent = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, advisedBefore: [...$advice, 'crowd']));
        self::assertSame(['swap'], $this->codes($spent));
    }

    public function test_a_device_without_a_recipe_still_gets_a_next_thing_to_try(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(recipe: false), null, null));

        self::assertSame('Start its pairing again.', $causes[0]->try);
    }

    public function test_no_light_on_a_battery_device_puts_the_battery_first(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Waiting, $this->profile(), 25.0, Light::None));

        self::assertSame(['battery', 'not-pairing', 'owned', 'window', 'crowd'], $this->codes($causes));
    }

    public function test_no_light_on_a_mains_device_puts_its_feed_first_and_never_says_press(): void
    {
        foreach ([AttemptState::Waiting, AttemptState::InPart, AttemptState::WindowEnded] as $state) {
            foreach ([[], ['power'], ['power', 'power', 'cut-short']] as $advised) {
                $causes = Diagnosis::of(new Evidence($state, $this->lamp(), 25.0, Light::None, advisedBefore: $advised));

                self::assertStringNotContainsStringIgnoringCase(
                    'press',
                    implode(' ', array_map(static fn (Cause $cause): string => $cause->try, $causes)),
                );
                self::assertNotContains('battery', $this->codes($causes));
            }
        }
        self::assertSame('power', Diagnosis::of(new Evidence(AttemptState::Waiting, $this->lamp(), 25.0, Light::None))[0]->code);
    }

    public function test_another_pattern_is_another_mode(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Waiting, $this->profile(), 25.0, Light::Other));

        self::assertSame(
            'Another pattern is another mode. Only when the light blinks twice a second, it waits to be found.',
            $causes[0]->cause,
        );
        self::assertSame('Let go of it for 10 s. Then: Press the side button 3 times within 2 s, with the window open.', $causes[0]->try);
        $lamp = Diagnosis::of(new Evidence(AttemptState::Waiting, $this->lamp(), 25.0, Light::Other))[0];
        self::assertSame('Switch off and on 6 times, with the window open.', $lamp->try);
    }

    public function test_after_a_wake_up_that_did_nothing_the_next_advice_differs(): void
    {
        $first = Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 25.0, null));
        $second = Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 25.0, advisedBefore: ['cut-short']));

        self::assertSame(['cut-short', 'far', 'unsupported'], $this->codes($first));
        self::assertSame(['far', 'cut-short', 'battery', 'unsupported'], $this->codes($second));
        self::assertNotSame($first[0]->try, $second[0]->try);
    }

    public function test_a_wrong_region_is_the_first_of_all_causes(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->siren(), 2.0, Light::None, region: Region::Eu));

        self::assertSame('region', $causes[0]->code);
        self::assertSame('It is made for US, the hub for EU: they never hear each other.', $causes[0]->cause);
        self::assertSame('Exchange it for the EU model.', $causes[0]->try);
        self::assertNotContains(
            'region',
            $this->codes(Diagnosis::of(new Evidence(AttemptState::Silent, $this->siren(), 2.0, null, region: Region::Us))),
        );
        self::assertNotContains(
            'region',
            $this->codes(Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 2.0, null, region: Region::Us))),
        );
    }

    public function test_others_that_announced_are_counted(): void
    {
        $said = fn (int $strangers): string => array_column(
            array_map(
                static fn (Cause $cause): array => [$cause->code, $cause->cause],
                Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, null, strangers: $strangers)),
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
        $codes = fn (Evidence $evidence): array => $this->codes(Diagnosis::of($evidence));

        self::assertSame('window', $codes(new Evidence(AttemptState::WindowEnded, $this->profile(), 25.0))[0]);
        self::assertNotSame('window', $codes(new Evidence(AttemptState::Silent, $this->profile(), 25.0))[0]);
        self::assertSame(
            'window',
            $codes(new Evidence(AttemptState::Silent, $this->profile(), 25.0, Light::Seen, seenSecondsBeforeEnd: 12.0))[0],
        );
        self::assertSame(
            'owned',
            $codes(new Evidence(AttemptState::Silent, $this->profile(), 25.0, Light::Seen, seenSecondsBeforeEnd: 90.0))[0],
        );
    }

    #[DataProvider('lights')]
    public function test_what_a_light_says_outright_comes_first(Light $light, string $code, string $try): void
    {
        $first = Diagnosis::of(new Evidence(AttemptState::Waiting, $this->profile(), 25.0, $light))[0];

        self::assertSame([$code, $try], [$first->code, $first->try]);
    }

    /** @return iterable<string, array{Light, string, string}> */
    public static function lights(): iterable
    {
        yield 'owned' => [Light::Owned, 'owned', 'Hold the side button for 10 s: that resets it. Then try again.'];
        yield 'held' => [Light::Held, 'hold-not-tap', 'Let go of it for 10 s. Then: Press the side button 3 times within 2 s.'];
        yield 'low' => [Light::Low, 'battery', 'Pull the tab, measure the battery, or put in a new one.'];
        yield 'none' => [Light::None, 'battery', 'Pull the tab, measure the battery, or put in a new one.'];
    }

    public function test_a_device_that_would_say_so_is_not_owned_when_it_blinks_as_it_should(): void
    {
        $silent = fn (bool $says, bool $hasLeft = false): array => $this->codes(Diagnosis::of(
            new Evidence(AttemptState::Silent, $this->contact($says), 25.0, Light::Seen, hasLeft: $hasLeft),
        ));

        self::assertSame(['region', 'window', 'battery', 'crowd'], $silent(true));
        self::assertSame(['owned', 'region', 'window', 'battery', 'crowd'], $silent(false));
        self::assertSame(['region', 'window', 'battery', 'crowd'], $silent(false, hasLeft: true));
        self::assertStringStartsWith(
            'Exclude it first: open the exclusion window, then press the tamper key 3 times',
            Diagnosis::of(new Evidence(AttemptState::Silent, $this->contact(false), 25.0, Light::Seen))[0]->try,
        );
    }

    public function test_an_old_owner_is_named_as_its_radio_has_it(): void
    {
        $cause = static fn (Profile $profile): string => Diagnosis::of(
            new Evidence(AttemptState::Failed, $profile, 25.0, failure: Failure::Owned),
        )[0]->cause;

        self::assertSame('Another controller still owns it, perhaps one that is long gone.', $cause($this->contact(false)));
        self::assertSame('Another network still owns it.', $cause($this->profile()));
    }

    public function test_a_matter_device_is_looked_for_by_its_code(): void
    {
        self::assertSame('wrong-code', $this->first(new Evidence(AttemptState::Silent, $this->plug(), 25.0, Light::Seen)));
        self::assertSame('wrong-code', $this->first(new Evidence(AttemptState::Silent, $this->plug(), 25.0, otherSeen: true)));
        self::assertSame('not-pairing', $this->first(new Evidence(AttemptState::Silent, $this->plug(), 25.0)));
    }

    /** @param list<string> $codes */
    #[DataProvider('failures')]
    public function test_what_a_hub_has_named(Failure $failure, array $codes, NetworkFacts $facts = new NetworkFacts): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Failed, $this->plug(), 25.0, Light::Seen, failure: $failure, network: $facts));

        self::assertSame($codes, $this->codes($causes));
        self::assertCount(count($causes), array_unique(array_column($causes, 'try')));
    }

    /** @return iterable<string, array{0: Failure, 1: list<string>, 2?: NetworkFacts}> */
    public static function failures(): iterable
    {
        yield 'the code' => [Failure::CodeRefused, ['wrong-code', 'crowd']];
        yield 'no code' => [Failure::CodeMissing, ['code-missing']];
        yield 'owned' => [Failure::Owned, ['owned']];
        yield 'no border router' => [Failure::NoBorderRouter, ['no-border-router', 'thread-credentials']];
        yield 'no credentials' => [Failure::NoCredentials, ['thread-credentials', 'no-border-router']];
        yield 'a Wi-Fi that it does not hear' => [Failure::NetworkNotFound, ['wifi-band', 'wifi-hidden']];
        yield 'on another band' => [Failure::NetworkNotFound, ['wifi-band', 'wifi-hidden'], new NetworkFacts(bands: ['5'])];
        yield 'with a hidden name' => [
            Failure::NetworkNotFound, ['wifi-hidden', 'wifi-band'], new NetworkFacts(bands: ['2.4', '5'], isHidden: true),
        ];
        yield 'with a name for all' => [Failure::NetworkNotFound, ['wifi-band'], new NetworkFacts(isHidden: false)];
        yield 'a Wi-Fi that refuses it' => [Failure::NetworkRefused, ['wifi-password', 'wifi-security']];
        yield 'a Wi-Fi of another mode' => [
            Failure::NetworkRefused, ['wifi-security', 'wifi-password'], new NetworkFacts(security: 'wpa3'),
        ];
        yield 'a Wi-Fi of its mode' => [Failure::NetworkRefused, ['wifi-password', 'wifi-security'], new NetworkFacts(security: 'wpa2')];
        yield 'not reached' => [Failure::NotReached, ['segment', 'filtered', 'vpn']];
        yield 'filtered' => [Failure::NotReached, ['filtered', 'segment', 'vpn'], new NetworkFacts(letsDiscoveryThrough: false)];
        yield 'through a tunnel' => [
            Failure::NotReached, ['vpn'], new NetworkFacts(oneSegment: true, letsDiscoveryThrough: true, onVpn: true),
        ];
        yield 'another segment' => [
            Failure::NotReached, ['segment', 'vpn'], new NetworkFacts(oneSegment: false, letsDiscoveryThrough: true),
        ];
        yield 'full' => [Failure::FabricsFull, ['fabric-full']];
        yield 'not open' => [Failure::NotOpen, ['code-used', 'share-closed', 'owned']];
        yield 'a clock' => [Failure::Clock, ['clock']];
        yield 'no answer' => [Failure::TimedOut, ['far', 'power', 'crowd']];
    }

    public function test_what_announced_and_never_got_further_may_have_been_another(): void
    {
        $first = fn (AttemptState $reached): string => $this->first(
            new Evidence(AttemptState::WindowEnded, $this->profile(), 25.0, Light::Seen, reached: $reached),
        );

        self::assertSame('crowd', $first(AttemptState::Announced));
        self::assertSame('window', $first(AttemptState::Secured));
    }

    public function test_an_interview_that_was_whole_was_not_cut_short(): void
    {
        self::assertSame(
            'unsupported',
            $this->first(new Evidence(AttemptState::InPart, $this->profile(), 25.0, missing: ['temperature'], isWhole: true)),
        );
    }

    public function test_the_same_things_missing_after_a_wake_up_are_missing_for_good(): void
    {
        self::assertSame('unsupported', $this->first(new Evidence(
            AttemptState::InPart,
            $this->profile(),
            25.0,
            missing: ['temperature'],
            advisedBefore: ['cut-short'],
            sameMissing: true,
        )));
    }

    public function test_too_far_is_said_once_with_its_number(): void
    {
        $codes = $this->codes(Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 5.99, null)));

        self::assertSame(['far', 'cut-short', 'unsupported'], $codes);
        self::assertSame(
            ['cut-short', 'far', 'unsupported'],
            $this->codes(Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 6.0, null))),
        );
    }

    private function first(Evidence $evidence): string
    {
        return Diagnosis::of($evidence)[0]->code;
    }

    private function contact(bool $saysOwned): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'c', 'name' => 'Contact', 'model' => 'C', 'protocol' => 'zwave', 'role' => 'end', 'power' => 'battery',
            'capabilities' => ['contact'],
            'recipe' => [
                'light' => 'the light blinks', 'join' => [['do' => 'press', 'times' => 3, 'target' => 'the tamper key']],
                'leave' => [['do' => 'press', 'times' => 3, 'target' => 'the tamper key']],
                'signs' => $saysOwned ? ['owned' => 'the light blinks red twice'] : [],
            ],
        ]));
    }

    private function plug(): Profile
    {
        return Profile::fromInput(Input::of([
            'key' => 'p', 'name' => 'Plug', 'model' => 'P', 'protocol' => 'matter', 'role' => 'end', 'power' => 'mains',
            'capabilities' => ['on-off'], 'code' => ['family' => 'matter'],
            'recipe' => ['light' => 'the ring blinks', 'join' => [['do' => 'hold', 'seconds' => 5]]],
        ]));
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
