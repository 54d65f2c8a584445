<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Circuit;
use App\Models\Slot;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Circuits, what switches their light, what makes it smart, and how rooms are heated. */
final class WiringTest extends TestCase
{
    private const HOUSE = '/jobs/lantern-house';

    private const CIRCUITS = self::HOUSE.'/survey?lens=circuits';

    private const CONTROL = self::HOUSE.'/survey?lens=control';

    private const CABLES = self::HOUSE.'/survey?lens=cables';

    private const HEATING = self::HOUSE.'/survey?lens=heating';

    private const LABEL = ['label' => 'Attic lights', 'kind' => 'light', 'breaker' => 'B 7', 'breaker_a' => '6', 'rcd' => 'RCD 2'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_the_register_says_what_hangs_where_and_where_it_is_dark(): void
    {
        $this->get(self::CIRCUITS)->assertOk()
            ->assertSeeInOrder(['Kitchen lights', 'breaker 4, 6 A · RCD 1 · L1', 'Kitchen, pantry', '5 · 37 W', 'dark at 1 of 2'])
            ->assertSee('The register is in order');
        $this->get('/jobs/calico-court/survey?lens=circuits')->assertSee('Read the board')->assertSee('No circuit is noted yet');
    }

    public function test_a_circuit_is_noted_changed_by_one_at_a_time_and_taken_off(): void
    {
        $room = $this->siteJob()->rooms()->where('key', 'bunk')->firstOrFail();
        $this->post(self::HOUSE.'/circuits', [...self::LABEL, "room_{$room->id}" => '1'])
            ->assertRedirect(self::CIRCUITS.'&at=attic-lights');
        $this->get(self::CIRCUITS)->assertSee('Look at “Attic lights”')->assertSee('Not noted yet: lamps.');

        $circuit = $this->circuit('attic-lights');
        self::assertSame([['bunk'], 6.0], [$circuit->rooms, $circuit->breaker_a]);
        $change = [...self::LABEL, 'breaker_a' => '10,5', 'lock_version' => '1'];
        $this->put(self::HOUSE.'/circuits/attic-lights', $change)->assertRedirect();
        $this->as('idris')->put(self::HOUSE.'/circuits/attic-lights', [...$change, 'label' => 'Loft'])->assertStatus(409);
        self::assertSame(['Attic lights', 10.5, []], [
            $circuit->refresh()->label, $circuit->breaker_a, $circuit->rooms,
        ]);

        $this->delete(self::HOUSE.'/circuits/attic-lights')->assertRedirect(self::CIRCUITS);
        self::assertTrue($this->logged('Took the circuit “Attic lights” off the register.'));
        $this->as('wren')->post(self::HOUSE.'/circuits', self::LABEL)->assertForbidden();
    }

    public function test_lamps_come_onto_a_circuit_in_its_rooms_and_off_again(): void
    {
        $lamps = ['room' => 'pantry', 'count' => '2', 'watts' => '4,5', 'dimmable' => 'no', 'lock_version' => '1'];
        $this->post(self::HOUSE.'/circuits/kitchen-lights/lamps', $lamps)->assertRedirect(self::CIRCUITS.'&at=kitchen-lights');
        $this->get(self::CIRCUITS.'&at=kitchen-lights')->assertSee('2 × 4.5 W, pantry')->assertSee('7 lamps, 46 W');

        $this->post(self::HOUSE.'/circuits/kitchen-lights/lamps', [...$lamps, 'room' => 'bunk', 'lock_version' => '2'])
            ->assertSessionHasErrors(['room' => 'The circuit “Kitchen lights” has no such room. Give it the room first.']);
        $this->post(self::HOUSE.'/circuits/kitchen-lights/lamps', $lamps)->assertStatus(409);
        $this->delete(self::HOUSE.'/circuits/kitchen-lights/lamps', ['number' => '2', 'lock_version' => '2'])->assertRedirect();
        self::assertCount(2, $this->circuit('kitchen-lights')->lamps);
    }

    public function test_a_dark_door_gets_a_button_that_switches_the_light_there(): void
    {
        $door = 'hall ground-w05@7.60';
        $this->get(self::CONTROL)->assertSeeInOrder(['Hall to chart room', 'dark'])->assertSee('Light the way: ');
        $this->get(self::CONTROL.'&at='.rawurlencode("hall-lights {$door}"))
            ->assertSee('Nothing within 1.2 m of this door switches its light')->assertSee('Plan it there');

        $this->post(self::HOUSE.'/key-uses', ['circuit' => 'hall-lights', 'opening' => $door, 'profile' => 'zb-button'])->assertRedirect();
        $slot = Slot::query()->where('site_job_id', $this->siteJob()->id)->where('key', 'door-button')->sole();
        self::assertSame('hall', $slot->room()->firstOrFail()->key);
        $this->get(self::CONTROL.'&at='.rawurlencode("hall-lights {$door}"))
            ->assertSee('over the hub')->assertSee('What is in reach here')->assertDontSee('Plan it there');

        $again = ['circuit' => 'hall-lights', 'opening' => $door, 'profile' => 'zb-button'];
        $this->as('idris')->post(self::HOUSE.'/key-uses', $again)->assertSessionHasErrors([
            'opening' => 'Its light is switched there in another way by now: somebody changed it. What is there is shown anew.',
        ]);
        self::assertSame(1, Slot::query()->where('site_job_id', $this->siteJob()->id)->where('key', 'like', 'door-button%')->count());
        $this->as('mara')->post(self::HOUSE.'/key-uses', [...$again, 'seen' => 'hub'])->assertSessionHasNoErrors();
        self::assertSame(2, Slot::query()->where('site_job_id', $this->siteJob()->id)->where('key', 'like', 'door-button%')->count());
        $edit = DB::table('plan_edits')->where('site_job_id', $this->siteJob()->id)->where('is_undone', false)->max('id');
        $this->delete(self::HOUSE."/plan-edits/{$edit}")->assertRedirect();

        $edit = DB::table('plan_edits')->where('site_job_id', $this->siteJob()->id)->where('is_undone', false)->max('id');
        $this->delete(self::HOUSE."/plan-edits/{$edit}")->assertRedirect();
        $this->get(self::CONTROL.'&at='.rawurlencode("hall-lights {$door}"))->assertSee('Plan it there');
        foreach ([['opening' => 'hall nowhere'], ['profile' => 'zb-lamp'], ['circuit' => 'none']] as $wrong) {
            $this->post(self::HOUSE.'/key-uses', [
                'circuit' => 'hall-lights', 'opening' => $door, 'profile' => 'zb-button', ...$wrong,
            ])->assertSessionHasErrors(array_key_first($wrong));
        }
    }

    public function test_a_key_is_offered_the_light_of_its_room_first(): void
    {
        $this->get(self::CONTROL.'&at='.rawurlencode('slot hall-keypad'))->assertOk()
            ->assertSee('<option value="hall-lights" selected>', false)
            ->assertSee('<option value="hall" selected>', false);
        Circuit::query()->where('site_job_id', $this->siteJob()->id)->where('key', 'hall-lights')->delete();
        $this->siteJob()->touchLive();
        $this->get(self::CONTROL.'&at='.rawurlencode('slot hall-keypad'))->assertDontSee('<option value="hall" selected>', false);
    }

    public function test_a_door_may_stay_dark_and_wants_ask_for_nothing_by_it(): void
    {
        $door = ['opening' => 'hall ground-w05@7.60', 'is_left' => '1'];
        $dark = substr_count((string) $this->get(self::CONTROL)->getContent(), 'class="door is-dark"');
        $this->put(self::HOUSE.'/circuits/hall-lights/dark-doors', $door)->assertSessionHasNoErrors();
        $page = (string) $this->get(self::CONTROL)->getContent();

        self::assertSame($dark - 1, substr_count($page, 'class="door is-dark"'));
        self::assertStringContainsString('may stay dark', $page);
        $this->get(self::HOUSE.'/survey?lens=wants')->assertSee('15 things that are wanted are left out');
        $this->put(self::HOUSE.'/suggested-slots', []);
        $this->get(self::CONTROL)->assertSee('may stay dark');
        $this->put(self::HOUSE.'/circuits/hall-lights/dark-doors', [...$door, 'is_left' => '0'])->assertRedirect();
        $this->get(self::CONTROL)->assertDontSee('may stay dark');
        $this->put(self::HOUSE.'/circuits/hall-lights/dark-doors', [...$door, 'opening' => 'x y'])->assertSessionHasErrors('opening');
    }

    public function test_keys_are_planned_one_by_one_and_each_does_a_thing_once(): void
    {
        $use = [
            'control' => 'slot hall-keypad', 'number' => '4', 'press' => 'hold', 'circuit' => 'chart-lights', 'effect' => 'off',
            'way' => 'hub', 'room' => '',
        ];
        $this->post(self::HOUSE.'/key-uses', $use)->assertRedirect(self::CONTROL.'&at='.rawurlencode('slot hall-keypad'));
        $this->get(self::CONTROL.'&at='.rawurlencode('slot hall-keypad'))
            ->assertSeeInOrder(['Door keypad', 'Hold: Chart room lights', 'off', 'while the hub is there']);
        $this->post(self::HOUSE.'/key-uses', $use)->assertSessionHasErrors(['number' => 'That key does this already, pressed this way.']);
        $this->post(self::HOUSE.'/key-uses', [...$use, 'control' => 'slot gone'])->assertSessionHasErrors('control');
        $this->post(self::HOUSE.'/key-uses', [...$use, 'room' => 'bunk', 'number' => '5'])->assertSessionHasErrors('room');

        $id = $this->siteJob()->keyUses()->where('press', 'hold')->where('number', 4)->value('id');
        $this->delete(self::HOUSE."/key-uses/{$id}")->assertRedirect();
        self::assertTrue($this->logged('Took key 4 off the circuit “Chart room lights”.'));
    }

    public function test_switch_lamps_or_plugs_are_reckoned_and_the_choice_is_written_into_the_job(): void
    {
        $this->get(self::CIRCUITS.'&at=hall-lights')
            ->assertSee('From 4 lamps on one switch costs no more than as many lamps; there are 4.')
            ->assertSeeInOrder(['One switch behind the old one', '83', 'Connected lamps', '84', 'Plugs for the table lamps']);
        $found = [
            'plugged' => '0', 'places' => '2', 'neutral' => 'no', 'box_depth' => '35', 'cables' => '4', 'is_dimmed' => '0',
            'wants_dim' => '1', 'device_depth' => '25', 'needs_neutral' => '1', 'lock_version' => '1',
        ];
        $this->put(self::HOUSE.'/circuits/hall-lights/choice', $found)->assertRedirect(self::CIRCUITS.'&at=hall-lights');
        $this->get(self::CIRCUITS.'&at=hall-lights')->assertSee('There is no neutral in the box')
            ->assertSee('a spacer of 5 mm')->assertSee('Its lamps are not dimmable');

        $this->put(self::HOUSE.'/circuits/hall-lights/choice', ['choice' => 'switch', 'lock_version' => '2'])
            ->assertSessionHasErrors('choice');
        $this->put(self::HOUSE.'/circuits/hall-lights/choice', ['choice' => 'lamps', 'lock_version' => '2'])->assertRedirect();
        $circuit = $this->circuit('hall-lights');
        self::assertSame(['lamps', 84], [$circuit->choice['kind'] ?? null, $circuit->choice['cost'] ?? null]);
        self::assertSame(2, $circuit->switchPlace()->places, 'what was found stays');
        $this->get(self::CIRCUITS.'&at=hall-lights')->assertSeeInOrder(['Chosen:', 'Connected lamps, 84, on', now()->format('j F')]);
        $this->put(self::HOUSE.'/circuits/hall-lights/choice', $found)->assertStatus(409);
    }

    public function test_prices_of_the_job_change_what_is_reckoned(): void
    {
        $this->put(self::HOUSE.'/prices', ['lamp' => '100,5', 'lens' => 'circuits', 'at' => 'hall-lights'])
            ->assertRedirect(self::CIRCUITS.'&at=hall-lights');

        $this->get(self::CIRCUITS.'&at=hall-lights')->assertSee('From 1 lamps on one switch costs no more');
        $this->put(self::HOUSE.'/prices', ['lamp' => 'dear'])->assertSessionHasErrors('lamp');
        self::assertEquals(['lamp' => 100.5], $this->siteJob()->refresh()->prices);
    }

    public function test_rooms_that_are_heated_make_zones_and_ask_for_wiring_centres(): void
    {
        $this->get(self::HEATING)->assertSee('Wiring centres: one for eight and one for four')->assertSee('10 zones on water')
            ->assertSeeInOrder(['Zone 2', 'Hall', 'under the floor, 2', 'Remote sensor 1.5 m up']);
        $this->put(self::HOUSE.'/rooms/lamp/heating', [
            'heat' => 'electric', 'loops' => '0', 'watts' => '2400', 'hides_thermostat' => '0',
        ])->assertRedirect(self::HEATING.'&at=lamp');
        $this->get(self::HEATING)->assertSee('electric, 2400 W')->assertSee('10 zones on water')
            ->assertSee('From 2 kW on a rated contactor');

        $this->put(self::HOUSE.'/rooms/lamp/heating', ['heat' => 'none'])->assertRedirect();
        $this->put(self::HOUSE.'/rooms/lamp/heating', ['heat' => 'fire'])->assertSessionHasErrors('heat');
        self::assertTrue($this->logged('The lantern room is not heated.'));
        $this->get(self::HEATING.'&at=lamp')->assertSee('not noted');
    }

    public function test_a_remote_that_works_pointing_away_is_radio(): void
    {
        $version = $this->siteJob()->slots()->where('key', 'projector')->value('lock_version');
        $this->get(self::HOUSE.'/survey?slot=projector')->assertSee('Its remote: infrared')->assertSee('One code switches it on and off');
        $this->put(self::HOUSE.'/slots/projector/remote', ['works_away' => '1', 'toggles' => '0', 'lock_version' => (string) $version])
            ->assertRedirect(self::HOUSE.'/survey?slot=projector');

        $this->get(self::HOUSE.'/survey?slot=projector')->assertSee('Its remote is 433 MHz, and the plan says Infrared');
        $this->put(self::HOUSE.'/slots/projector/remote', ['works_away' => '0', 'toggles' => '0', 'lock_version' => (string) $version])
            ->assertStatus(409);
    }

    public function test_every_cable_has_its_label_its_length_and_its_drum(): void
    {
        $this->get(self::CABLES)->assertOk()
            ->assertSeeInOrder(['0-CHT-04', 'Data, chart room', '2 × Data, four pairs', '24.0 m', 'reckoned'])
            ->assertSeeInOrder(['1-BNK-03', 'Spare, bunk room', 'drawn'])
            ->assertSee('drums for')->assertSee('m left')->assertSeeInOrder(['Data ports', '9', 'Height, a fifth to spare', '8 units']);
        $this->get('/jobs/calico-court/survey?lens=cables')->assertSee('Say what each point is for');

        $csv = (string) $this->get(self::HOUSE.'/cables')->assertOk()
            ->assertHeader('Content-Type', 'text/csv; charset=UTF-8')->getContent();
        $rows = array_map(str_getcsv(...), explode("\r\n", trim($csv)));
        self::assertSame(['label', 'storey', 'room', 'purpose', 'cable', 'colour', 'length_m', 'way', 'drum'], $rows[0]);
        self::assertSame(['0-CHT-04/1', 'Ground', 'Chart room', 'data', 'data', 'grey', '24.0', 'reckoned'], array_slice($rows[1], 0, 8));
        self::assertSame(array_unique(array_column($rows, 0)), array_column($rows, 0), 'a row for every run');
        $this->as('wren')->get(self::HOUSE.'/cables')->assertOk();
    }

    public function test_what_comes_to_a_point_is_said_keeps_its_label_and_is_taken_back(): void
    {
        $point = ['edit' => 'change-point', 'point' => 'chart-p1', 'purpose' => '=camera', 'cable' => 'data', 'cable_count' => '3'];
        $before = DB::table('points')->where('key', 'chart-p1')->first();
        $this->get(self::CABLES.'&at=chart-p1')->assertSee('0-CHT-01')->assertSee('Write it down');
        $this->post(self::HOUSE.'/plan-edits', $point)->assertRedirect(self::CABLES.'&at=chart-p1');

        $this->get(self::CABLES)->assertSeeInOrder(['0-CHT-01', '3 × Data, four pairs']);
        self::assertSame('0-CHT-01', DB::table('points')->where('key', 'chart-p1')->value('label'));
        $csv = (string) $this->get(self::HOUSE.'/cables')->getContent();
        self::assertStringContainsString("0-CHT-01/3,Ground,Chart room,'=camera,data", $csv, 'no spreadsheet runs it');

        $this->post(self::HOUSE.'/plan-edits', [...$point, 'cable' => 'rope'])->assertSessionHasErrors('cable');
        $this->post(self::HOUSE.'/plan-edits', [...$point, 'seen' => 'old'])->assertSessionHasErrors();
        $edit = DB::table('plan_edits')->where('site_job_id', $this->siteJob()->id)->where('is_undone', false)->max('id');
        $this->delete(self::HOUSE."/plan-edits/{$edit}")->assertRedirect();
        self::assertEquals($before, DB::table('points')->where('key', 'chart-p1')->first());
    }

    public function test_without_a_rack_no_length_is_told(): void
    {
        $this->post(self::HOUSE.'/plan-edits', ['edit' => 'change-point', 'point' => 'store-rack', 'purpose' => 'shelf', 'mains' => '1']);

        $this->get(self::CABLES)->assertSee('Say where the rack stands')->assertDontSee('m left');
        $csv = (string) $this->get(self::HOUSE.'/cables')->getContent();
        self::assertStringContainsString('0-CHT-04/1,Ground,Chart room,data,data,grey,,,', $csv);
    }

    private function circuit(string $key): Circuit
    {
        return $this->siteJob()->circuits()->where('key', $key)->firstOrFail();
    }

    public function test_buried_cables_are_held_against_the_code_that_was_chosen(): void
    {
        $cables = self::HOUSE.'/survey?lens=cables';
        $this->get($cables)->assertSee('In strips of the wall')->assertSee('Over worktops');
        $this->get('/jobs/calico-court/survey?lens=cables')->assertDontSee('In strips of the wall');
        $this->put(self::HOUSE.'/drop-code', ['drop_code' => 'seen'])->assertRedirect($cables);
        $this->get($cables)->assertSee('Straight to what is seen')->assertSee('From a corner of walls');
        $this->get("{$cables}&at=keeper-d1")->assertSee('Straight up or down.');
        self::assertTrue($this->logged('Buried cables: Straight to what is seen.'));
        $this->put(self::HOUSE.'/drop-code', ['drop_code' => 'anywhere'])->assertSessionHasErrors('drop_code');
        $this->as('wren')->put(self::HOUSE.'/drop-code', ['drop_code' => 'studs'])->assertForbidden();
    }
}
