<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use Tests\Feature\TriesByHand;

/** Case 1, as far as pairing: a blind motor on Wi-Fi, taught and tried by hand before anything pairs it. */
final class RopewalkLoftTest extends PairsAHouse
{
    use TriesByHand;

    protected function key(): string
    {
        return 'ropewalk-loft';
    }

    public function test_direction_and_end_stops_are_taught_before_pairing_and_it_is_tried_by_hand(): void
    {
        $card = $this->url('/fit?next=loft-blind');
        $this->get($this->url('/fit'))->assertOk()->assertSeeInOrder(['1 to fit', 'Put it up', 'Cord guided and tensioned']);
        $steps = $this->url('/slots/loft-blind/hang-steps');
        $this->post($steps, ['hang_step' => 'direction'])->assertSessionHasErrors(['act' => 'First: Put it up.']);
        $this->post($steps, ['hang_step' => 'mounted', 'fixing' => 'adhesive'])->assertRedirect($card);
        foreach (['cord', 'direction', 'end-stops'] as $step) {
            $this->post($steps, ['hang_step' => $step])->assertSessionHasNoErrors();
        }
        $this->get($card)->assertSeeInOrder([
            'Try the street window blind by hand', 'Screws before it is handed over', 'up, stop half-way, down',
        ]);
        $set = fn (string $setting, string $value) => $this->put($this->url('/slots/loft-blind/settings'), [
            'station' => 'fit', 'setting' => $setting, 'kind' => 'actual', 'value' => $value,
        ]);
        $set('lower', '138')->assertSessionHasNoErrors();
        $set('direction', 'swapped')->assertSessionHasNoErrors();
        $this->get($this->url('/fit?slot=loft-blind'))->assertSee('Planned 140, set 138: which is right?');
        $set('lower', '140')->assertSessionHasNoErrors();
        $this->get($this->url('/fit?slot=loft-blind'))->assertDontSee('which is right?');
        $this->worksByHand($this->url('/slots/loft-blind'))->assertRedirect($this->url('/fit'));

        $this->get($this->url('/fit'))->assertSee('All of it is in');
        $this->get($this->url('/hand-over'))->assertSee('Adhesive holds the street window blind');
        $this->post($steps, ['hang_step' => 'mounted', 'fixing' => 'screws']);
        $this->get($this->url('/hand-over'))->assertDontSee('Adhesive holds');
    }

    public function test_it_is_paired_once_it_is_taught(): void
    {
        $this->get($this->url('/pair'))->assertSee('It is not up and taught yet')->assertSee('Settle the hub first');
        foreach (['mounted', 'cord', 'direction', 'end-stops'] as $step) {
            $this->post($this->url('/slots/loft-blind/hang-steps'), ['hang_step' => $step, 'fixing' => 'screws'])
                ->assertSessionHasNoErrors();
        }
        $this->get($this->url('/pair'))->assertSee('Hold the set key for 5 s')->assertDontSee('It is not up and taught yet');
        $this->pair('loft-blind');

        $this->assertAllAreIn();
    }
}
