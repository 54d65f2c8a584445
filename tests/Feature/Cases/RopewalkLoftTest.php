<?php

declare(strict_types=1);

namespace Tests\Feature\Cases;

use Kavvel\Core\Bridging\Leg;
use Tests\Feature\TriesByHand;

/** Case 1: a blind motor on Wi-Fi, taught and tried by hand before anything pairs it, then led into four ecosystems. */
final class RopewalkLoftTest extends PairsAHouse
{
    use LinksAHouse;
    use NamesAHouse;
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

    public function test_it_is_led_into_all_four_one_of_them_only_over_an_export_of_the_hub(): void
    {
        $this->bringIn();
        $ways = [];
        foreach ($this->bridging()->plan()->paths as $path) {
            $over = array_map(static fn (Leg $leg): string => $leg->box->name, $path->way->legs);
            $ways[$path->want->ecosystem] = [$path->way->form, $over];
        }
        self::assertSame([
            'voice' => ['cloud-link', []], 'phone' => ['matter-bridge', ['Hub']], 'panel' => ['driver', ['Hub']],
        ], $ways);
        self::assertCount(3, $this->linkAll());
        foreach (['voice', 'phone', 'panel'] as $ecosystem) {
            self::assertSame(['loft-blind'], $this->slotsIn($ecosystem));
        }
        self::assertSame(['loft-blind'], $this->fold()->ecosystems->boxes['hub-box']->shown['driver'], 'a list of one');
    }

    public function test_name_and_room_are_set_in_each_as_far_as_they_do_not_go_along(): void
    {
        $this->bringIn();
        $this->linkAll();
        foreach (['voice', 'phone', 'panel'] as $ecosystem) {
            $this->put($this->url("/ecosystems/{$ecosystem}/names"))->assertSessionHasNoErrors();
            $shown = $this->shownIn($ecosystem)[0];
            self::assertSame(['Loft street window blind', 'Loft'], [$shown->name, $shown->room], $ecosystem);
        }
        $this->get($this->url('/bridge?lens=names'))->assertOk()->assertSee('follows a later name')->assertSee('keeps the first name');
    }

    public function test_it_stops_half_way_from_each_of_them_and_goes_both_ways_from_there(): void
    {
        $this->bringIn();
        $this->linkAll();
        foreach (['voice', 'phone', 'panel'] as $ecosystem) {
            $this->put($this->url("/ecosystems/{$ecosystem}/names"));
        }
        foreach (['Corran', 'Wicket', 'Sillboard'] as $name) {
            $path = $this->bridging()->toProve();
            self::assertNotNull($path);
            $page = $this->get($this->url('/bridge'))->assertSee('goes both ways from there');
            self::assertStringContainsString("{$name} shows where it is", html_entity_decode((string) $page->getContent()));
            $this->prove($path);
        }
        self::assertNull($this->bridging()->toProve());
        $this->get($this->url('/bridge'))->assertSee('The paths are settled');
    }

    private function bringIn(): void
    {
        foreach (['mounted', 'cord', 'direction', 'end-stops'] as $step) {
            $this->post($this->url('/slots/loft-blind/hang-steps'), ['hang_step' => $step, 'fixing' => 'screws']);
        }
        $this->pair('loft-blind');
        $this->nameAll();
        $this->settle();
    }
}
