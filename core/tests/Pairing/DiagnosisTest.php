<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Cause;
use Kavvel\Core\Pairing\Diagnosis;
use Kavvel\Core\Pairing\Evidence;
use PHPUnit\Framework\TestCase;

final class DiagnosisTest extends TestCase
{
    public function test_a_silent_device_is_first_thought_not_to_be_in_pairing_mode(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, 0, false));

        self::assertSame('not-pairing', $causes[0]->code);
        self::assertSame('Press the side button 3 times within 2 s, with the window open.', $causes[0]->try);
        self::assertStringContainsString('the light blinks twice a second', $causes[0]->cause);
        self::assertContains('battery', $this->codes($causes));
    }

    public function test_a_light_that_was_seen_rules_that_out(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 25.0, 0, true));

        self::assertNotContains('not-pairing', $this->codes($causes));
        self::assertSame('owned', $causes[0]->code);
        self::assertSame('Hold the side button for 10 s: that resets it. Then try again.', $causes[0]->try);
    }

    public function test_a_place_out_of_reach_comes_first_with_its_number(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(), 3.4, 0, false));

        self::assertSame('far', $causes[0]->code);
        self::assertStringContainsString('3 dB', $causes[0]->cause);
        self::assertStringContainsString('within 2 m', $causes[0]->try);
    }

    public function test_half_an_interview_names_what_is_missing(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::InPart, $this->profile(), 25.0, 0, true, ['temperature', 'humidity']));

        self::assertSame('cut-short', $causes[0]->code);
        self::assertStringContainsString('Missing: temperature, humidity.', $causes[0]->cause);
        self::assertContains('unsupported', $this->codes($causes));
    }

    public function test_after_three_failures_of_one_kind_the_same_try_is_not_given_again(): void
    {
        $second = Diagnosis::of(new Evidence(AttemptState::WindowEnded, $this->profile(), 25.0, 1, false));
        $third = Diagnosis::of(new Evidence(AttemptState::WindowEnded, $this->profile(), 25.0, 2, false));

        self::assertContains('not-pairing', $this->codes($second));
        self::assertSame([], array_intersect(['not-pairing', 'window', 'cut-short'], $this->codes($third)));
        self::assertContains('swap', $this->codes($third));
    }

    public function test_a_device_without_a_recipe_still_gets_a_next_thing_to_try(): void
    {
        $causes = Diagnosis::of(new Evidence(AttemptState::Silent, $this->profile(recipe: false), null, 0, false));

        self::assertSame('Start its pairing again.', $causes[0]->try);
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
            'key' => 'p', 'name' => 'Relay', 'model' => 'M', 'protocol' => 'zigbee', 'role' => 'end', 'power' => 'battery', 'capabilities' => ['temperature'],
            ...($recipe ? ['recipe' => [
                'light' => 'the light blinks twice a second',
                'join' => [['do' => 'press', 'times' => 3, 'seconds' => 2, 'target' => 'the side button']],
                'leave' => [['do' => 'hold', 'seconds' => 10, 'target' => 'the side button']],
            ]] : []),
        ]));
    }
}
