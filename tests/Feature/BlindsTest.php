<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SlotFit;
use App\Models\SlotSetting;
use App\Models\TemporaryState;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Blinds are hung, made safe and taught before they are paired; what is set on a device is kept with its slot. */
final class BlindsTest extends TestCase
{
    use TriesByHand;

    private const HOUSE = '/jobs/lantern-house';

    private const KEEPER = self::HOUSE.'/fit?next=keeper-blind';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_blind_that_hangs_is_taught_and_tried(): void
    {
        $this->get(self::KEEPER)->assertOk()
            ->assertSeeInOrder([
                'Teach the direction', 'Run it a hand’s width up', 'Put it up', 'Adhesive holds it, for trying only', 'Direction taught',
            ]);
        $this->step('end-stops')->assertSessionHasErrors(['act' => 'First: Teach the direction.']);
        $this->step('direction')->assertRedirect(self::KEEPER);
        $this->step('end-stops')->assertRedirect(self::KEEPER);
        $this->get(self::KEEPER)->assertSee('Try the window blind by hand')->assertSee('4 to fit');
        self::assertNotNull($this->fit()->fitted_at);
        $this->worksByHand(self::HOUSE.'/slots/keeper-blind')->assertRedirect(self::HOUSE.'/fit');
        $this->get(self::KEEPER)->assertSee('The window blind is up')->assertSee('To the next');
        self::assertTrue($this->logged('Window blind: end stops taught.'));
    }

    public function test_adhesive_is_a_temporary_state_until_screws_hold(): void
    {
        $this->post(self::HOUSE.'/slots/log-blind/hang-steps', ['hang_step' => 'mounted', 'fixing' => 'adhesive'])->assertRedirect();
        $this->post(self::HOUSE.'/slots/log-blind/hang-steps', ['hang_step' => 'mounted', 'fixing' => 'adhesive'])->assertRedirect();
        $ofIt = TemporaryState::query()->where('slot_id', $this->slot('log-blind')->id);
        self::assertSame(1, (clone $ofIt)->whereNull('closed_at')->count());
        $this->get(self::HOUSE.'/snags')->assertSee('Adhesive holds the window blind');
        $this->post(self::HOUSE.'/slots/log-blind/hang-steps', ['hang_step' => 'mounted', 'fixing' => 'screws'])->assertRedirect();
        self::assertSame(0, (clone $ofIt)->whereNull('closed_at')->count());
        $this->get(self::HOUSE.'/fit?next=log-blind')->assertDontSee('Adhesive holds it')->assertSee('Guide the cord');
    }

    public function test_what_was_not_so_is_taken_back_with_what_came_after_it(): void
    {
        $this->step('direction');
        $this->step('end-stops');
        $this->worksByHand(self::HOUSE.'/slots/keeper-blind')->assertSessionHasNoErrors();
        $this->delete(self::HOUSE.'/slots/keeper-blind/hang-steps', ['hang_step' => 'direction'])->assertRedirect(self::KEEPER);
        self::assertNull($this->fit()->fitted_at);
        $this->get(self::KEEPER)->assertSee('Teach the direction');
        $this->step('direction');
        $this->step('end-stops');
        $this->get(self::KEEPER)->assertSee('Try the window blind by hand');
        $this->post(self::HOUSE.'/slots/hall-relay/hang-steps', ['hang_step' => 'cord'])->assertSessionHasErrors('slot');
    }

    public function test_settings_are_planned_and_set_and_held_against_each_other(): void
    {
        $sheet = self::HOUSE.'/fit?slot=chart-dimmer';
        $this->get($sheet)->assertSeeInOrder(['Settings', 'Least brightness', '1 to 50 %', 'Planned 10, set 15: which is right?']);
        $put = fn (string $setting, string $kind, string $value, string $slot = 'chart-dimmer') => $this->put(
            self::HOUSE."/slots/{$slot}/settings",
            ['station' => 'fit', 'setting' => $setting, 'kind' => $kind, 'value' => $value],
        );
        $put('least', 'actual', '0,5')->assertSessionHasErrors(['value' => 'Least brightness: 1 to 50 %.']);
        $put('load', 'actual', 'neon')->assertSessionHasErrors('value');
        $put('speed', 'actual', '1')->assertSessionHasErrors('setting');
        $put('least', 'actual', '10')->assertRedirect($sheet);
        $this->get($sheet)->assertDontSee('which is right?');
        $put('most', 'planned', '')->assertRedirect($sheet);
        self::assertSame('Mara Lindqvist', SlotSetting::query()->where('name', 'least')->where('actual', '10')->sole()->set_by);
        self::assertTrue($this->logged('Ceiling dimmer, least brightness set: 10 %.'));
        $this->as('wren')->get($sheet)->assertOk()->assertSee('Least brightness');
        $put('least', 'actual', '20')->assertForbidden();
    }

    public function test_what_is_opened_for_the_work_is_noted_with_its_day_and_closed(): void
    {
        $states = self::HOUSE.'/temporary-states';
        $this->post($states, ['what' => ''])->assertSessionHasErrors('what');
        $this->post($states, ['what' => 'Remote access', 'close_by' => 'soon'])->assertSessionHasErrors('close_by');
        $this->post($states, ['what' => 'Remote access', 'close_by' => '2026-12-18'])->assertRedirect(self::HOUSE.'/snags');
        $this->get(self::HOUSE.'/snags')->assertSeeInOrder(['For the work only', 'Remote access', 'until 18 Dec']);
        $made = TemporaryState::query()->where('what', 'Remote access')->sole();
        $this->delete("{$states}/{$made->key}")->assertRedirect(self::HOUSE.'/snags');
        $this->delete("{$states}/{$made->key}")->assertRedirect(self::HOUSE.'/snags');
        self::assertSame(1, $this->siteJob()->logEntries()->where('text', 'Closed: Remote access.')->count());
    }

    /** @return TestResponse<Response> */
    private function step(string $step): TestResponse
    {
        return $this->post(self::HOUSE.'/slots/keeper-blind/hang-steps', ['hang_step' => $step]);
    }

    private function fit(): SlotFit
    {
        return SlotFit::query()->where('slot_id', $this->slot('keeper-blind')->id)->sole();
    }
}
