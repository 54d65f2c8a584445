<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Listening;
use App\Models\Node;
use Kavvel\Core\Catalogue\Step;
use Tests\Feature\Cases\PairsAHouse;

/** Eleven small devices of four makers, in at once: each is told from those that look alike. */
final class WhoIsWhoTest extends PairsAHouse
{
    private const PAGE = '/name?lens=who';

    protected function key(): string
    {
        return 'lamb-lane';
    }

    public function test_whatever_is_ready_comes_in_through_one_window_and_belongs_to_nobody(): void
    {
        $this->get($this->url(self::PAGE))->assertSee('0 of 11 in')->assertSee('11 open')->assertSee('Let in whatever is ready, Zigbee');
        $this->gather();

        $this->get($this->url(self::PAGE))->assertSee('11 nobody’s')->assertSee('In, and nobody’s')->assertSee('GL-MAG-1');
        self::assertNull($this->house->joinWindows()->sole()->slot_id);
        $this->get($this->url('/pair'))->assertSee('0 of 11 in')->assertSee('11 nobody’s');
    }

    public function test_two_who_gather_share_the_window_and_a_slots_window_comes_first(): void
    {
        $this->post($this->url('/gatherings'), ['protocol' => 'zigbee'])->assertRedirect();
        $this->as('idris')->post($this->url('/gatherings'), ['protocol' => 'zigbee'])->assertRedirect();
        self::assertSame(1, $this->house->joinWindows()->count());

        $this->as('idris')->htmx('POST', $this->url('/windows'), ['slot' => 'plug'])->assertStatus(422)
            ->assertSee('Mara Lindqvist lets in whatever is ready of Zigbee');
        $this->as('mara')->post($this->url('/windows'), ['slot' => 'plug'])->assertSessionHasNoErrors();
        $this->as('idris')->htmx('POST', $this->url('/gatherings'), ['protocol' => 'zigbee'])->assertStatus(422)
            ->assertSee('Mara Lindqvist has the Zigbee radio');
    }

    public function test_devices_that_come_in_one_by_one_are_not_gathered(): void
    {
        $this->htmx('POST', $this->url('/gatherings'), ['protocol' => 'zwave'])->assertStatus(422)->assertSee('come in one by one');
        $this->htmx('POST', $this->url('/gatherings'), ['protocol' => 'smoke signals'])->assertStatus(422);
    }

    public function test_the_window_is_closed_from_the_page(): void
    {
        $this->post($this->url('/gatherings'), ['protocol' => 'zigbee']);
        $this->listen();
        $window = $this->house->joinWindows()->sole();
        $this->delete($this->url("/windows/{$window->reference}"))->assertRedirect($this->url(self::PAGE));
        $this->listen();

        self::assertSame('ended', $window->refresh()->state);
    }

    public function test_those_that_can_only_be_one_are_matched_together(): void
    {
        $this->gather();
        $seen = implode(' ', array_map(fn (string $key): string => "{$key}={$this->address($key)}", ['parlour-motion', 'plug', 'bedside']));
        $this->get($this->url(self::PAGE))->assertSee('3 can only be one each')->assertSee($seen)
            ->assertDontSee("bath-probe={$this->address('bath-probe')}");
        $this->post($this->url('/sure-matches'), ['seen' => $seen])->assertRedirect($this->url(self::PAGE));

        self::assertSame($this->address('bedside'), $this->card('bedside')->node?->address);
        self::assertSame(3, $this->sheetOf($this->key())->countIn());
    }

    public function test_a_sure_match_that_changed_meanwhile_is_left_alone(): void
    {
        $this->gather();
        $this->post($this->url('/sure-matches'), ['seen' => "bedside={$this->address('plug')} plug={$this->address('plug')}"]);

        self::assertNull($this->card('bedside')->node);
        self::assertTrue($this->card('plug')->isIn());
    }

    public function test_the_one_that_speaks_is_it_and_the_next_is_listened_for_at_once(): void
    {
        $this->gather();
        $this->listenFor('kitchen-window')->assertRedirect($this->url(self::PAGE.'&next=kitchen-window'));
        $this->get($this->url(self::PAGE))->assertSee('Open it, and close it again')->assertSee('The hub listens');
        $this->trigger('kitchen-window');
        $this->get($this->url(self::PAGE))->assertSee('It spoke, and no other of its model.')->assertSee('kitchen window contact');

        $this->itIs('kitchen-window')->assertRedirect($this->url(self::PAGE));
        self::assertSame($this->address('kitchen-window'), $this->card('kitchen-window')->node?->address);
        self::assertNotSame('kitchen-window', Listening::underWay($this->house->id)->sole()->slot->key);
        self::assertTrue($this->card('kitchen-window')->slot->proofResults()->where('rung', 'radio')->exists());
    }

    public function test_two_that_speak_are_told_apart_by_a_second_trigger(): void
    {
        $this->gather();
        $this->listenFor('kitchen-window');
        $this->trigger('kitchen-window');
        $this->trigger('parlour-window');
        $this->get($this->url(self::PAGE))->assertSee('2 of its model spoke. Once more tells them apart.');
        $this->htmx('POST', $this->match(), ['address' => $this->address('kitchen-window')])->assertStatus(422)
            ->assertSee('Another device has spoken meanwhile');

        $this->round('again', 1);
        $this->round('again', 1);
        self::assertSame(2, Listening::query()->sole()->round, 'the same touch twice begins one round');
        $this->get($this->url(self::PAGE))->assertSee('Once more, only this device.');
        $this->trigger('kitchen-window');
        $this->itIs('kitchen-window')->assertSessionHasNoErrors();
        self::assertTrue($this->card('kitchen-window')->isIn());
    }

    public function test_another_at_the_second_trigger_begins_anew(): void
    {
        $this->gather();
        $this->listenFor('kitchen-window');
        $this->trigger('kitchen-window');
        $this->trigger('parlour-window');
        $this->round('again', 1);
        $this->trigger('bedroom-window');
        $this->get($this->url(self::PAGE))->assertSee('Another one spoke this time than before.')->assertSee('Listen again');
        $this->round('anew', 2);

        $listening = Listening::query()->sole();
        self::assertSame([1, 0], [$listening->round, $listening->voices()->count()]);
    }

    public function test_what_it_also_tells_by_itself_is_heard_twice(): void
    {
        $this->gather();
        $this->listenFor('parlour-climate');
        $this->trigger('parlour-climate');
        $this->get($this->url(self::PAGE))->assertSee('it also does so by itself. Once more makes it sure.');
        $this->htmx('POST', $this->match(), ['address' => $this->address('parlour-climate')])->assertStatus(422);
        $this->round('again', 1);
        $this->trigger('parlour-climate');
        $this->itIs('parlour-climate')->assertSessionHasNoErrors();

        self::assertTrue($this->card('parlour-climate')->isIn());
    }

    public function test_what_was_said_before_the_round_is_no_answer(): void
    {
        $this->gather();
        $this->hands('trigger', ['device' => 'kitchen-window']);
        $this->hands('advance', ['seconds' => 30]);
        $this->travel(30)->seconds();
        $this->listenFor('kitchen-window');
        $this->listen();

        self::assertNotNull($this->node('kitchen-window')->said_at);
        $this->get($this->url(self::PAGE))->assertSee('Only this device, and nothing beside it.');
    }

    public function test_another_model_is_said_and_matched_only_by_hand(): void
    {
        $this->gather();
        $this->house->slots()->where('key', 'kitchen-window')->sole()
            ->update(['profile_id' => $this->house->slots()->where('key', 'bedside')->value('profile_id')]);
        $this->listenFor('kitchen-window')->assertSessionHasNoErrors();
        $this->trigger('bedside');
        $this->get($this->url(self::PAGE))->assertSee('It spoke, and no other of its model.');
        $this->round('anew', 1);
        $this->hands('trigger', ['device' => 'kitchen-window']);
        $this->listen();
        $this->get($this->url(self::PAGE))->assertSee('Only this device, and nothing beside it.');

        $this->post($this->url('/slots/kitchen-window/node'), ['address' => $this->address('kitchen-window'), 'from' => 'who'])
            ->assertRedirect($this->url(self::PAGE));
        self::assertSame($this->address('kitchen-window'), $this->card('kitchen-window')->node?->address);
    }

    public function test_the_match_of_one_that_is_in_is_tried_and_found_right(): void
    {
        $this->gather();
        $this->matchAll(['kitchen-window', 'parlour-window']);
        $this->get($this->url(self::PAGE.'&next=kitchen-window'))->assertSee('Is it really the kitchen window contact?');
        $this->listenFor('kitchen-window');
        $this->trigger('kitchen-window');

        $this->get($this->url(self::PAGE))->assertSee('the match is right');
        $this->delete($this->url('/listenings/'.Listening::query()->sole()->id))->assertRedirect($this->url(self::PAGE));
        self::assertNotNull(Listening::query()->sole()->ended_at);
    }

    public function test_two_that_are_mixed_up_are_exchanged_without_pairing_again(): void
    {
        $this->gather();
        $this->matchCrossed();
        $this->listenFor('kitchen-window');
        $this->trigger('kitchen-window');
        $this->get($this->url(self::PAGE))->assertSee('By the plan that was the parlour window contact')->assertSee('exchange the two');
        $this->put($this->url('/slots/kitchen-window/node'), ['of' => 'parlour-window'])->assertSessionHasNoErrors();

        foreach (['kitchen-window', 'parlour-window'] as $key) {
            self::assertSame($this->address($key), $this->card($key)->node?->address);
            self::assertSame(2, $this->card($key)->slot->stays()->count());
        }
        self::assertTrue($this->logged('Exchanged:', $this->key()));
    }

    public function test_a_match_is_undone_and_the_device_is_nobodys(): void
    {
        $this->gather();
        $this->matchAll(['kitchen-window']);
        $this->get($this->url('/name?slot=kitchen-window'))->assertSee('Is it the right one?')->assertSee('take it away from here');
        $this->delete($this->url('/slots/kitchen-window/node'))->assertRedirect();

        self::assertFalse($this->card('kitchen-window')->isIn());
        $this->get($this->url(self::PAGE.'&next=kitchen-window'))->assertSee('3 of its model are in, and nobody’s.');
    }

    public function test_one_listens_at_a_time_and_another_may_take_over(): void
    {
        $this->gather();
        $this->listenFor('kitchen-window');
        $this->as('idris')->get($this->url(self::PAGE.'&next=bedroom-window'))
            ->assertSee('Mara Lindqvist listens for the window contact')->assertSee('Listen in their place');
        $this->htmx('POST', $this->url('/listenings'), ['slot' => 'bedroom-window'])->assertStatus(422)
            ->assertSee('One at a time');
        $this->post($this->url('/listenings'), ['slot' => 'bedroom-window', 'instead' => 1])->assertSessionHasNoErrors();

        $this->as('mara')->htmx('POST', $this->match(), ['address' => $this->address('kitchen-window')])->assertStatus(422)
            ->assertSee('Nobody listens for that any more');
        $this->travel(11)->minutes();
        $this->post($this->url('/listenings'), ['slot' => 'kitchen-window'])->assertSessionHasNoErrors();
    }

    public function test_one_that_is_told_to_blink_does_and_one_that_sleeps_says_so(): void
    {
        $this->gather();
        $this->blink('plug');
        self::assertSame('identify', $this->fold()->world->devices['plug']->light);
        $this->get($this->url(self::PAGE.'&next=kitchen-window'))->assertSee('It blinks now: which one is it?');
        $this->pass(11);
        self::assertSame('off', $this->fold()->world->devices['plug']->light);

        $this->pass(60);
        $this->blink('kitchen-window');
        $this->get($this->url(self::PAGE.'&next=kitchen-window'))->assertSee('It sleeps, and takes no order.');
    }

    public function test_a_blink_that_its_hub_does_not_hear_of_is_said(): void
    {
        $this->gather();
        $this->gatewayIsAway();
        $this->blink('plug');

        self::assertNotNull($this->node('plug')->blink_refused);
        $this->get($this->url(self::PAGE.'&next=kitchen-window'))->assertSee((string) $this->node('plug')->blink_refused);
    }

    public function test_what_is_printed_on_it_finds_it(): void
    {
        $this->gather();
        $last = substr($this->address('kitchen-window'), -5);
        $this->get($this->url(self::PAGE."&next=kitchen-window&at={$last}"))
            ->assertSee("id=\"nobody-{$this->node('kitchen-window')->id}\"  open", false)
            ->assertDontSee($this->address('bedroom-window'));
        $this->get($this->url(self::PAGE.'&next=kitchen-window&at=FFFFFFFF'))->assertSee('None of these has “FFFFFFFF”');
    }

    public function test_the_plan_lights_the_slot_whose_device_spoke(): void
    {
        $this->gather();
        $this->matchAll(['kitchen-window']);
        $this->get($this->url(self::PAGE))->assertDontSee('p-heard');
        $this->hands('trigger', ['device' => 'kitchen-window']);
        $this->listen();

        $this->get($this->url(self::PAGE))->assertSee('class="p-heard"', false)->assertSee('spoke last: kitchen window contact');
    }

    public function test_nothing_is_done_without_the_right_to_work(): void
    {
        $this->gather();
        $this->as('wren');
        $this->get($this->url(self::PAGE.'&next=kitchen-window'))->assertOk()->assertDontSee('Listen for it');
        $this->post($this->url('/listenings'), ['slot' => 'kitchen-window'])->assertForbidden();
        $this->post($this->url('/gatherings'), ['protocol' => 'zigbee'])->assertForbidden();
        $this->put($this->url('/slots/kitchen-window/node'), ['of' => 'parlour-window'])->assertForbidden();
    }

    public function test_two_thermometers_lie_beside_a_reference_and_their_offsets_are_carried_to_a_replacement(): void
    {
        $this->gather();
        $this->matchAll(['parlour-climate', 'bedroom-climate']);
        $this->trigger('parlour-climate');
        $this->get($this->url('/name?slot=parlour-climate'))->assertSee('Beside a reference')->assertSee('value="24.5"', false);
        $this->compare('parlour-climate', '24.5', '24,2', true)
            ->assertSessionHas('saved', 'It is right: the reference is -0.3 °C from it.');
        $this->compare('bedroom-climate', '24.5', '23.1', false);
        self::assertSame(0, $this->card('bedroom-climate')->slot->settings()->count(), 'what is not settled says nothing');
        $this->compare('bedroom-climate', '24.5', '23.1', true)
            ->assertSessionHas('saved', 'An offset of -1.4 °C sets it right. It is planned in its settings: enter it.');
        $this->compare('bedroom-climate', '24.5', '17', true);

        $setting = $this->card('bedroom-climate')->slot->settings()->sole();
        self::assertSame(['temperature-offset', '-1.4'], [$setting->name, $setting->planned]);
        self::assertTrue($this->logged('beside probe thermometer: it said 24.5, the reference 23.1', $this->key()));

        // Entered by now, and not enough: the next one counts it in.
        $setting->update(['planned' => null, 'actual' => '-1.4']);
        $this->compare('bedroom-climate', '23.7', '23.1', true)
            ->assertSessionHas('saved', 'An offset of -2.0 °C in place of -1.4 sets it right. It is planned in its settings: enter it.');
        self::assertSame('-2', $setting->refresh()->planned);
        $setting->update(['planned' => null]);
        $this->post($this->url('/slots/bedroom-climate/replacement'), ['reason' => 'dead'])->assertSessionHasNoErrors();
        $this->get($this->url('/name?slot=bedroom-climate'))->assertSee('Temperature offset: -1.4 K')
            ->assertSee('hold the new one beside a reference');
    }

    public function test_a_comparison_without_numbers_is_refused(): void
    {
        $this->htmx('POST', $this->url('/slots/parlour-climate/references'), ['measured' => 'temperature', 'said' => 'warm'])
            ->assertStatus(422)->assertSee('hat the sensor says')->assertSee('hat the reference says');
    }

    public function test_a_slot_that_is_gone_is_not_listened_for(): void
    {
        $this->gather();
        $this->listenFor('kitchen-window');
        $this->house->slots()->where('key', 'kitchen-window')->sole()->delete();
        $this->get($this->url(self::PAGE))->assertOk();
        $this->htmx('POST', $this->url('/listenings'), ['slot' => 'kitchen-window'])->assertStatus(422)
            ->assertSee('not on the plan any more');
    }

    public function test_of_a_silent_hub_nothing_is_heard_and_that_is_said(): void
    {
        $this->gather();
        $this->gatewayIsAway();
        $this->travel(2)->minutes();
        $this->listen();
        $this->get($this->url(self::PAGE.'&next=kitchen-window'))->assertSee('Nothing is heard of its hub')->assertSee('Waits for the hub');
    }

    /** Every device does what its recipe says, beside the hub, and nobody says which is which. */
    private function gather(): void
    {
        $this->post($this->url('/gatherings'), ['protocol' => 'zigbee'])->assertSessionHasNoErrors();
        foreach ($this->sheetOf($this->key())->cards as $key => $card) {
            $this->hands('carry', ['device' => $key]);
            foreach (array_filter($card->profile->recipe->join ?? [], static fn (Step $step): bool => $step->isGesture()) as $step) {
                $this->hands('gesture', ['device' => $key, 'kind' => $step->kind, 'times' => $step->times, 'seconds' => $step->seconds]);
            }
        }
        $this->pass(20);
        self::assertSame(11, $this->house->nodes()->whereIn('state', ['joined', 'in-part'])->count());
    }

    private function listenFor(string $slot): mixed
    {
        return $this->post($this->url('/listenings'), ['slot' => $slot]);
    }

    private function trigger(string $device): void
    {
        $this->hands('trigger', ['device' => $device]);
        $this->listen();
    }

    private function round(string $how, int $after): void
    {
        $listening = Listening::query()->latest('id')->firstOrFail();
        $this->put($this->url("/listenings/{$listening->id}"), ['how' => $how, 'round' => $after])->assertSessionHasNoErrors();
    }

    private function match(): string
    {
        return $this->url('/listenings/'.Listening::query()->oldest('id')->firstOrFail()->id.'/match');
    }

    private function itIs(string $slot): mixed
    {
        return $this->post($this->match(), ['address' => $this->address($slot)]);
    }

    private function blink(string $device): void
    {
        $this->post($this->url("/nodes/{$this->node($device)->id}/blinks"))->assertRedirect();
        $this->listen();
    }

    private function compare(string $slot, string $reading, string $reference, bool $isSettled): mixed
    {
        return $this->post($this->url("/slots/{$slot}/references"), [
            'measured' => 'temperature', 'said' => $reading, 'reference' => $reference, 'by' => 'probe thermometer', 'station' => 'name',
            ...$isSettled ? ['settled' => '1'] : [],
        ])->assertSessionHasNoErrors();
    }

    /** @param list<string> $slots */
    private function matchAll(array $slots): void
    {
        foreach ($slots as $slot) {
            $this->post($this->url("/slots/{$slot}/node"), ['address' => $this->address($slot)])->assertSessionHasNoErrors();
        }
    }

    private function matchCrossed(): void
    {
        foreach (['kitchen-window' => 'parlour-window', 'parlour-window' => 'kitchen-window'] as $slot => $device) {
            $this->post($this->url("/slots/{$slot}/node"), ['address' => $this->address($device)])->assertSessionHasNoErrors();
        }
    }

    private function address(string $slot): string
    {
        return $this->house()->devices[$slot]->address;
    }

    private function node(string $slot): Node
    {
        return Node::query()->where('address', $this->address($slot))->sole();
    }
}
