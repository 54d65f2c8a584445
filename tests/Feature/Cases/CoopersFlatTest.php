<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use Tests\Feature\FitsADevice;

/** Case 3, as far as pairing: nine lamps against one dimmer, a dimmer that another controller still owns, a two-way switch in the hall. */
final class CoopersFlatTest extends PairsAHouse
{
    use FitsADevice;

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

    public function test_the_dimmer_is_excluded_from_what_had_it_and_then_included(): void
    {
        $this->post($this->url('/existing/living-dimmer/slot'), ['room' => 'living-room'])->assertSessionHasNoErrors();
        $slot = $this->house->slots()->sole();
        $card = $this->url("/pair?next={$slot->key}");
        $this->get($card)->assertSee('It is in a network still, nobody knows in which.')->assertSee('data-move="exclude-', false);
        $this->post($this->url('/exclusions'), ['slot' => $slot->key])->assertSessionHasNoErrors();
        $this->pressUpperKey();
        $this->get($card)->assertSee('It left its old network at');

        $this->post($this->url('/windows'), ['slot' => $slot->key])->assertSessionHasNoErrors();
        $this->pressUpperKey();
        $this->pass(15);
        $this->get($card)->assertSee('Is this the ceiling living room dimmer?');
        $this->matchIn($this->key(), $this->card($slot->key), $this->house()->devices['living-dimmer']->address);
        self::assertTrue($this->card($slot->key)->isIn());
    }

    private function pressUpperKey(): void
    {
        $this->hands('gesture', ['device' => 'living-dimmer', 'kind' => 'press', 'times' => 3]);
        $this->pass(3);
    }

    public function test_the_hall_can_be_switched_at_both_its_ends(): void
    {
        $this->lens('control')->assertSee('Hall lights')->assertSee('Living room lights');
        $this->lens('circuits', 'hall-lights')->assertSee('2 lamps, 12 W');
    }

    public function test_in_the_hall_neutral_and_feed_side_are_found_and_the_relay_goes_where_its_sheet_wants_it(): void
    {
        $this->post($this->url('/slots'), [
            'station' => 'survey', 'room' => 'hall', 'profile' => 'zw-relay', 'place' => 'door', 'what' => 'relay',
            'x' => '0.2', 'y' => '0.4', 'height' => '1.1', 'mounting' => 'plastic-box', 'feed' => '', 'note' => '',
        ])->assertSessionHasNoErrors();
        $slot = $this->house->slots()->sole()->key;
        $card = $this->url("/fit?next={$slot}");
        $this->get($card)->assertSeeInOrder(['Which circuit feeds the door relay?', 'Its room is on “Hall lights”']);
        $this->put($this->url("/slots/{$slot}/circuit"), ['circuit' => 'hall-lights'])->assertRedirect($card);
        $box = [
            'depth_mm' => '47', 'cables' => '3', 'ganged' => '1', 'spacer_mm' => '0', 'is_metal' => '0', 'has_barrier' => '0',
            'has_bypass' => '0', 'lock_version' => '1',
        ];
        $this->put($this->url("/slots/{$slot}/box"), [...$box, 'neutral' => 'none'])->assertRedirect($card);
        $this->get($card)->assertSee('It needs a neutral, and there is none in the box.');
        $this->put($this->url("/slots/{$slot}/box"), [...$box, 'neutral' => 'own', 'lock_version' => '2'])->assertRedirect($card);
        $this->begin($slot, 'hall-lights');
        $this->act('hall-lights', 'detector-before', ['slot' => $slot, 'detector' => 'works']);
        $this->act('hall-lights', 'read-live', ['slot' => $slot, 'volts' => '230']);
        $read = [];
        foreach ([[0, 0], [1, 1], [0, 0], [1, 1]] as $position => [$live, $lit]) {
            $read += ["live_{$position}" => (string) $live, "lit_{$position}" => (string) $lit];
        }
        $this->put($this->url("/slots/{$slot}/two-way"), $read)->assertRedirect($card);
        $this->act('hall-lights', 'put-back', ['slot' => $slot])->assertSessionHasNoErrors();
        $this->get($card)->assertSeeInOrder(['the lamp goes out here', 'Its sheet wants the line side', 'Change its place on the plan']);
    }

    protected function fitted(): string
    {
        return $this->url('');
    }
}
