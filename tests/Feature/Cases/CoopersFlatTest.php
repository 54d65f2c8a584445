<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

/** Case 3, as far as the survey: nine lamps on one circuit against one dimmer, and a dimmer that another controller still owns. */
final class CoopersFlatTest extends CarriesAHouse
{
    protected function key(): string
    {
        return 'coopers-flat';
    }

    public function test_nine_lamps_cost_more_than_one_switch_and_the_found_dimmer_is_excluded_first(): void
    {
        $this->lens('circuits', 'living-lights')
            ->assertSee('9 lamps, 72 W')
            ->assertSee('From 4 lamps on one switch costs no more than as many lamps; there are 9.');
        $choice = $this->url('/circuits/living-lights/choice');
        $this->put($choice, [
            'plugged' => '0', 'places' => '1', 'neutral' => 'yes', 'box_depth' => '47', 'cables' => '2', 'is_dimmed' => '0',
            'wants_dim' => '1', 'device_depth' => '20', 'needs_neutral' => '1', 'lock_version' => '1',
        ])->assertSessionHasNoErrors();
        $this->put($choice, ['choice' => 'switch', 'lock_version' => '2'])->assertSessionHasNoErrors();
        $this->lens('circuits', 'living-lights')->assertSeeInOrder(['Chosen:', 'One switch behind the old one, ']);

        $this->lens('existing')->assertSeeInOrder([
            'Living room dimmer', 'to leave first', 'SmartStart', 'any controller of its region can exclude it',
            'Press the upper key 3 times, then hold the lower key for 1 s.', 'It has left',
        ]);
        $plan = $this->url('/existing/living-dimmer/slot');
        $this->post($plan, ['room' => 'living-room'])->assertSessionHasNoErrors();
        $slot = $this->house->slots()->sole();
        $this->get($this->url('/pair'))->assertOk();
        $this->post($this->url('/existing/living-dimmer/departure'))->assertRedirect();
        $this->lens('existing', 'living-dimmer')->assertSee('free, to be paired as planned')->assertSee('See it on the plan');
        $this->get($this->url("/survey?slot={$slot->key}"))->assertOk()->assertSee('living room dimmer');
    }

    public function test_the_hall_can_be_switched_at_both_its_ends(): void
    {
        $this->lens('control')->assertSee('Hall lights')->assertSee('Living room lights');
        $this->lens('circuits', 'hall-lights')->assertSee('2 lamps, 12 W');
    }
}
