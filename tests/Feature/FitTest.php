<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobFiles\Exporter;
use App\JobFiles\Importer;
use App\Models\Circuit;
use App\Models\Slot;
use App\Models\SlotFit;
use App\Models\Snag;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Proving\Outcome;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What goes into the wall: whether it fits, its circuit made dead, its conductors settled, worked by hand before any radio. */
final class FitTest extends TestCase
{
    use FitsADevice;
    use TriesByHand;

    private const HOUSE = '/jobs/lantern-house';

    private const FIT = self::HOUSE.'/fit';

    private const KEEPER = 'keeper-dimmer';

    private const UPPER = 'upper-lights';

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->as('mara');
    }

    public function test_the_station_begins_with_what_is_in_and_not_tried_then_goes_circuit_by_circuit(): void
    {
        $this->get(self::FIT)->assertOk()->assertSeeInOrder(['5 to fit', 'Try the ceiling relay by hand', 'It works by hand'])
            ->assertSeeInOrder([
                'Hall and stair lights', 'Upper floor lights', '45 min', 'ready to fit', 'does not fit', 'look into the box',
            ]);
        $this->get(self::FIT.'?lens=order')->assertSeeInOrder(['Upper floor lights · breaker 9 · 45 min', 'Landing, first', '29']);
        $this->worksByHand(self::HOUSE.'/slots/hall-relay')->assertRedirect(self::FIT);
        self::assertSame(Outcome::Passed, $this->slot('hall-relay')->proofResults()->sole()->outcome);
        $this->get(self::FIT)->assertSee('Fit the ceiling dimmer')->assertSee('Mains work is for people licensed for it');
    }

    public function test_a_circuit_is_isolated_and_a_dimmer_fitted(): void
    {
        $page = self::FIT.'?next='.self::KEEPER;
        $this->get($page)->assertSeeInOrder(['Say that you may do this here', 'Fit the ceiling dimmer', 'I may, and have read its sheet']);
        $this->begin(self::KEEPER, self::UPPER);
        $this->get($page)->assertSee('Prove the detector')->assertSee('It shows the known source');
        $this->act(self::UPPER, 'detector-before', ['slot' => self::KEEPER, 'detector' => 'works']);
        $this->act(self::UPPER, 'read-live', ['slot' => self::KEEPER, 'volts' => '231,5'])->assertRedirect($page);
        $this->get($page)->assertSee('Find the side of the two-way circuit');
        $this->put(self::HOUSE.'/slots/keeper-dimmer/two-way', [
            'live_0' => '1', 'live_1' => '0', 'live_2' => '1', 'live_3' => '0',
            'lit_0' => '1', 'lit_1' => '0', 'lit_2' => '1', 'lit_3' => '0',
        ])->assertRedirect($page);
        $this->get($page)->assertSeeInOrder(['Switch off breaker 9', 'Its common follows the lamp: the lamp goes out here.']);
        foreach (['switch-off', 'lock', 'tag'] as $step) {
            $this->act(self::UPPER, $step, ['slot' => self::KEEPER])->assertSessionHasNoErrors();
        }
        $this->get($page)->assertSeeInOrder([
            'Off, not proved dead here', 'Not every conductor was measured to every other.', 'read live: 231.5 V',
            'Brown to black', '10 pairs to go',
        ]);
        $this->readDead(self::KEEPER, self::UPPER);
        $this->get($page)->assertSee('Prove the detector again');
        $this->act(self::UPPER, 'detector-after', ['slot' => self::KEEPER, 'detector' => 'works']);
        $this->get($page)->assertSee('The box as it was found')->assertDontSee('It is in, and the box is shut');
        $this->settleWires(self::KEEPER);
        $this->get($page)->assertSee('Put the ceiling dimmer in')->assertSee('It is in, and the box is shut');
        $this->act(self::UPPER, 'fit', ['slot' => self::KEEPER])->assertSessionHasNoErrors();

        self::assertSame('Mara Lindqvist', $this->fit(self::KEEPER)->fitted_by);
        $this->get($page)->assertSee('Make “Upper floor lights” live again')->assertSee('4 to fit');
        $this->worksByHand(self::HOUSE.'/slots/keeper-dimmer')->assertSessionHasErrors([
            'outcome' => '“Upper floor lights” is off: it can be tried once it is live again.',
        ]);
        $this->act(self::UPPER, 'switch-on')->assertSessionHasErrors(['act' => 'Still locked off by Mara Lindqvist. Each takes their own '
            .'lock off.']);
        $this->act(self::UPPER, 'test', ['test' => 'insulation', 'reading' => 'over 200 megohm', 'is_passed' => '1']);
        $this->act(self::UPPER, 'unlock')->assertSessionHasNoErrors();
        $this->act(self::UPPER, 'switch-on')->assertSessionHasNoErrors();
        $this->get($page)->assertSee('Try the ceiling dimmer by hand')->assertSee('By its key on the wall. No hub, no app.');
        $this->act(self::UPPER, 'test', ['test' => 'loop', 'reading' => '0.9 ohm', 'is_passed' => '1'])->assertSessionHasNoErrors();
        self::assertCount(2, $this->isolation(self::UPPER)->core()->tests);
        self::assertNotNull($this->isolation(self::UPPER)->ended_at);
        $this->worksByHand(self::HOUSE.'/slots/keeper-dimmer')->assertRedirect(self::FIT);
        foreach ([
            'May work on “Upper floor lights”', 'brown to black, 0 V', 'Proved dead.', 'is in, and its box is shut',
            '“Upper floor lights” is live again.', 'By hand: shown',
        ] as $line) {
            self::assertTrue($this->logged($line), $line);
        }
    }

    public function test_what_was_tried_by_hand_before_it_was_put_in_is_tried_again_in_its_box(): void
    {
        $this->worksByHand(self::HOUSE.'/slots/keeper-dimmer')->assertSessionHasNoErrors();
        $this->proveDead(self::KEEPER, self::UPPER);
        $this->settleWires(self::KEEPER);
        $this->act(self::UPPER, 'fit', ['slot' => self::KEEPER])->assertSessionHasNoErrors();
        $this->act(self::UPPER, 'unlock')->assertSessionHasNoErrors();
        $this->act(self::UPPER, 'switch-on')->assertSessionHasNoErrors();

        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('Try the ceiling dimmer by hand');
        $before = $this->slot(self::KEEPER)->proofResults()->sole();
        self::assertSame('it was put in, or taken out, since', $before->withdrawn_because);
    }

    public function test_a_reading_that_is_not_dead_stops_the_work_and_is_a_snag(): void
    {
        $this->begin(self::KEEPER, self::UPPER);
        $this->switchOff(self::KEEPER, self::UPPER);
        $this->act(self::UPPER, 'read-dead', ['slot' => self::KEEPER, 'a' => 'brown', 'b' => 'blue', 'volts' => '24']);

        $page = self::FIT.'?next='.self::KEEPER;
        $this->get($page)->assertSeeInOrder(['Stop: it is not dead', '24 V between brown and blue.', 'borrowed neutral'])
            ->assertSee('3 snags');
        self::assertTrue(Snag::query()->where('text', 'like', 'Not dead at the ceiling dimmer: 24 V between brown and blue.%')->exists());
        $this->act(self::UPPER, 'read-dead', ['slot' => self::KEEPER, 'a' => 'brown', 'b' => 'blue', 'volts' => '0'])
            ->assertSessionHasErrors([
                'act' => 'The work stands still: 24 V between brown and blue. Find out why, then prove it dead anew.',
            ]);
        $this->act(self::UPPER, 'fit', ['slot' => self::KEEPER])->assertSessionHasErrors('act');
        $this->act(self::UPPER, 'prove-anew', ['slot' => self::KEEPER])->assertSessionHasNoErrors();
        $this->get($page)->assertSee('Prove the detector');
    }

    public function test_a_breaker_that_does_not_kill_it_is_a_snag_and_the_register_is_put_right(): void
    {
        $this->begin(self::KEEPER, self::UPPER);
        $this->switchOff(self::KEEPER, self::UPPER);
        $this->act(self::UPPER, 'read-dead', ['slot' => self::KEEPER, 'a' => 'brown', 'b' => 'blue', 'volts' => '231']);
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('Breaker 9 does not kill this box')->assertSee('Live');
        $wrong = self::HOUSE.'/circuits/upper-lights/wrong-breaker';
        $with = ['slot' => self::KEEPER, 'circuit' => self::UPPER];
        $this->post($wrong, $with)->assertSessionHasErrors('breaker');
        $this->post($wrong, [...$with, 'breaker' => 'breaker 9'])->assertSessionHasErrors('breaker');
        $this->post($wrong, [...$with, 'breaker' => 'breaker 10'])->assertRedirect(self::FIT.'?next='.self::KEEPER);

        self::assertSame(['breaker 10', ''], [$this->circuit(self::UPPER)->breaker, $this->circuit('lantern-lights')->breaker]);
        $said = 'breaker 9, “Upper floor lights”, does not kill the ceiling dimmer%';
        self::assertTrue(Snag::query()->where('text', 'like', $said)->exists());
        self::assertFalse($this->isolation(self::UPPER)->core()->isOff());
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('Prove the detector');
    }

    public function test_a_box_that_hangs_on_another_circuit_moves_there(): void
    {
        $this->begin(self::KEEPER, self::UPPER);
        $this->switchOff(self::KEEPER, self::UPPER);
        $this->act(self::UPPER, 'read-dead', ['slot' => self::KEEPER, 'a' => 'brown', 'b' => 'blue', 'volts' => '231']);
        $this->post(self::HOUSE.'/circuits/upper-lights/wrong-breaker', ['slot' => self::KEEPER, 'circuit' => 'chart-lights'])
            ->assertSessionHasNoErrors();

        self::assertSame('chart-lights', $this->fit(self::KEEPER)->circuit?->key);
        self::assertNotNull($this->isolation(self::UPPER)->ended_at);
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('breaker 6, “Chart room lights”')->assertSee('Fit the ceiling dimmer');
    }

    public function test_the_second_at_a_circuit_sees_that_it_is_off_and_by_whom_and_has_an_own_lock(): void
    {
        $this->proveDead(self::KEEPER, self::UPPER);
        SlotFit::query()->where('slot_id', $this->slot('landing-switch')->id)->update(['fitted_at' => null]);
        Slot::query()->where('key', 'landing-switch')->update(['node_id' => null]);
        $this->as('idris');
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSeeInOrder([
            'Mara Lindqvist works at this box', '“Upper floor lights” is off', 'by', 'Mara Lindqvist', 'Locked by Mara Lindqvist',
            'To the wall switch',
        ]);
        $this->act(self::UPPER, 'accept');
        $this->act(self::UPPER, 'switch-on')->assertSessionHasErrors(['act' => 'Work is still open: ceiling dimmer. Close it, or put it '
            .'back as it was.']);
        $this->act(self::UPPER, 'fit', ['slot' => self::KEEPER])->assertSessionHasErrors('act');
        $this->act(self::UPPER, 'open', ['slot' => 'landing-switch'])->assertSessionHasNoErrors();
        $this->act(self::UPPER, 'detector-before', ['slot' => 'landing-switch', 'detector' => 'works']);
        $this->act(self::UPPER, 'read-dead', ['slot' => 'landing-switch', 'a' => 'brown', 'b' => 'blue', 'volts' => '0'])
            ->assertSessionHasErrors(['act' => 'Your own lock and tag come first: nobody else can take them off.']);
        $this->get(self::FIT.'?next=landing-switch')->assertSee('Put your lock on');

        $this->as('mara')->act(self::UPPER, 'put-back', ['slot' => self::KEEPER])->assertSessionHasNoErrors();
        $this->act(self::UPPER, 'unlock')->assertSessionHasNoErrors();
        $this->act(self::UPPER, 'switch-on')->assertSessionHasErrors('act');
    }

    public function test_a_lead_takes_over_from_somebody_who_has_left(): void
    {
        $this->as('idris');
        $this->proveDead(self::KEEPER, self::UPPER);
        $with = ['slot' => self::KEEPER, 'of' => 'Idris Okafor'];
        $of = (string) $this->user('idris')->name;
        $this->act(self::UPPER, 'relieve', [...$with, 'of' => $of])->assertForbidden();
        $this->as('mara')->get(self::FIT.'?next='.self::KEEPER)->assertSee("{$of} has left the site");
        $this->act(self::UPPER, 'relieve', [...$with, 'of' => $of])->assertSessionHasErrors('act');
        $this->act(self::UPPER, 'accept');
        $this->act(self::UPPER, 'relieve', [...$with, 'of' => $of])->assertSessionHasNoErrors();
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('Prove the detector');
        self::assertTrue($this->logged("Took the lock of {$of} off"));
    }

    public function test_a_proof_holds_for_its_day(): void
    {
        $this->proveDead(self::KEEPER, self::UPPER);
        $this->settleWires(self::KEEPER);
        $this->travel(1)->days();
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('Prove it dead anew');
        $this->act(self::UPPER, 'fit', ['slot' => self::KEEPER])->assertSessionHasErrors([
            'act' => 'This box is not proved dead today. Prove it first.',
        ]);
        self::assertNull($this->fit(self::KEEPER)->fitted_at);
    }

    public function test_what_does_not_fit_says_why_and_what_to_take_instead(): void
    {
        $page = self::FIT.'?next=lantern-dimmer';
        $this->get($page)->assertSeeInOrder(['Does not fit', 'lacks 5 mm', 'The ceiling dimmer does not fit'])
            ->assertSeeInOrder(['It needs a neutral, and there is none in the box.', 'Take the wall switch', 'a spacer of 25 mm']);
        $this->act('lantern-lights', 'accept', ['slot' => 'lantern-dimmer']);
        $this->act('lantern-lights', 'fit', ['slot' => 'lantern-dimmer'])->assertSessionHasErrors([
            'slot' => 'It does not go in as things stand. It needs a neutral, and there is none in the box.',
        ]);
        $version = $this->slot('lantern-dimmer')->lock_version;
        $this->put(self::HOUSE.'/slots/lantern-dimmer/other-device', ['profile' => 'zw-switch', 'lock_version' => $version])
            ->assertRedirect($page);
        $this->get($page)->assertSee('needs a change');
        $this->post(self::HOUSE.'/slots/lantern-dimmer/fit-changes', ['change' => 'spacer'])->assertRedirect($page);
        $this->get($page)->assertSee('A second circuit in the box?')->assertDontSee('does not fit');
        self::assertEquals(25, $this->fit('lantern-dimmer')->foundBox()?->spacerMm);
    }

    /**
     * @param  array<string, mixed>  $box
     * @param  array<string, mixed>|null  $load
     */
    #[DataProvider('boxes')]
    public function test_each_thing_that_stands_against_a_device_is_said(array $box, ?array $load, string $said): void
    {
        $page = self::FIT.'?next='.self::KEEPER;
        $this->put(self::HOUSE.'/slots/keeper-dimmer/box', [
            'depth_mm' => '47', 'cables' => '3', 'ganged' => '1', 'neutral' => 'own', 'spacer_mm' => '0', 'is_metal' => '0',
            'has_barrier' => '0', 'has_bypass' => '0', 'lock_version' => '1', ...$box,
        ])->assertRedirect($page);
        if ($load !== null) {
            $this->put(self::HOUSE.'/slots/keeper-dimmer/switched-load', [
                'load_kind' => 'led', 'load_watts' => '7', 'load_count' => '3', 'dimmable' => 'yes', 'is_connected' => '0', ...$load,
            ])->assertRedirect($page);
        }
        $this->get($page)->assertSee($said);
    }

    /** @return array<string, array{array<string, mixed>, array<string, mixed>|null, string}> */
    public static function boxes(): array
    {
        return [
            'too shallow' => [['depth_mm' => '25,5'], null, 'It needs 30 mm with its connectors, the box has 25.5 mm.'],
            'no neutral' => [['neutral' => 'none'], null, 'It needs a neutral, and there is none in the box.'],
            'a borrowed neutral' => [['neutral' => 'borrowed'], null, 'The neutral in the box is of another circuit.'],
            'lamps that do not dim' => [[], ['dimmable' => 'no'], 'Its lamps are not dimmable.'],
            'lamps nobody knows' => [[], ['dimmable' => 'unknown'], 'Tried: they dim'],
            'connected lamps' => [[], ['is_connected' => '1'], 'Connected lamps never go on a dimmed circuit.'],
            'a motor' => [[], ['load_kind' => 'motor'], 'A motor never goes on a lamp dimmer.'],
            'too much' => [[], ['load_watts' => '60'], 'It is to switch 180 W: 180 % of what it bears.'],
            'too little' => [[], ['load_watts' => '0,5', 'load_count' => '1'], 'A bypass goes to the lamp'],
        ];
    }

    public function test_a_lamp_that_was_tried_is_known(): void
    {
        $this->put(self::HOUSE.'/slots/keeper-dimmer/switched-load', [
            'load_kind' => 'led', 'load_watts' => '7', 'load_count' => '3', 'dimmable' => 'unknown', 'is_connected' => '0',
        ]);
        $this->post(self::HOUSE.'/slots/keeper-dimmer/fit-changes', ['change' => 'does-not-dim']);
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('Its lamps are not dimmable.');
        $this->delete(self::HOUSE.'/slots/keeper-dimmer/switched-load')->assertRedirect();
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('Fit the ceiling dimmer');
    }

    public function test_the_side_of_a_two_way_circuit_that_its_sheet_does_not_want_is_settled_first(): void
    {
        $this->put(self::HOUSE.'/slots/keeper-dimmer/two-way', ['live_0' => '1'])->assertSessionHasErrors('live_1');
        $this->put(self::HOUSE.'/slots/keeper-dimmer/two-way', ['traced' => 'line'])->assertRedirect();
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('Its sheet wants the load side')->assertSee('Change its place on the plan');
        $this->delete(self::HOUSE.'/slots/keeper-dimmer/two-way')->assertRedirect();
        $this->get(self::FIT.'?next='.self::KEEPER)->assertSee('Fit the ceiling dimmer');
    }

    public function test_a_device_says_which_circuit_it_hangs_on_and_which_box_it_goes_into(): void
    {
        $this->get(self::FIT.'?next=chart-socket')->assertSee('Look into the box of the desk socket');
        SlotFit::query()->where('slot_id', $this->slot('chart-socket')->id)->delete();
        $page = self::FIT.'?next=chart-socket';
        $this->get($page)->assertSeeInOrder(['Which circuit feeds the desk socket?', 'Its room is on “Ground floor sockets”']);
        $circuit = self::HOUSE.'/slots/chart-socket/circuit';
        $this->put($circuit, ['circuit' => 'nowhere'])->assertSessionHasErrors('circuit');
        $this->put($circuit, ['circuit' => 'ground-sockets'])->assertRedirect($page);
        $box = [
            'depth_mm' => '47', 'cables' => '2', 'ganged' => '1', 'neutral' => 'own', 'spacer_mm' => '0', 'is_metal' => '0',
            'has_barrier' => '0', 'has_bypass' => '0', 'lock_version' => '1',
        ];
        $this->put(self::HOUSE.'/slots/chart-socket/box', [...$box, 'depth_mm' => 'deep'])->assertSessionHasErrors('depth_mm');
        $this->put(self::HOUSE.'/slots/chart-socket/box', $box)->assertRedirect($page);
        $this->get($page)->assertSee('Fit the desk socket');
        $this->put(self::HOUSE.'/slots/chart-socket/box', $box)->assertStatus(409);
    }

    public function test_a_box_that_is_open_does_not_change_its_circuit_its_conductors_or_its_device(): void
    {
        $this->proveDead(self::KEEPER, self::UPPER);
        $slot = self::HOUSE.'/slots/keeper-dimmer';
        foreach ([
            $this->put("{$slot}/circuit", ['circuit' => 'chart-lights']), $this->post("{$slot}/wires", ['colour' => 'red']),
            $this->delete("{$slot}/wires", ['name' => 'brown']), $this->post("{$slot}/fit-changes", ['change' => 'spacer']),
            $this->put("{$slot}/other-device", ['profile' => 'zw-switch', 'lock_version' => 1]), $this->delete($slot),
            $this->delete(self::HOUSE.'/circuits/upper-lights'),
        ] as $refused) {
            $refused->assertSessionHasErrors();
        }
        self::assertSame(self::UPPER, $this->fit(self::KEEPER)->circuit?->key);
    }

    public function test_a_box_is_part_of_the_work_at_its_own_circuit_only(): void
    {
        $this->act('chart-lights', 'accept')->assertSessionHasNoErrors();
        $this->act('chart-lights', 'open', ['slot' => self::KEEPER])->assertSessionHasErrors(['slot' => 'The ceiling dimmer does not hang '
            .'on “Chart room lights”, as far as is noted: its box is no part of this work.']);
        $this->act('chart-lights', 'switch-on')->assertSessionHasNoErrors();
        self::assertTrue($this->logged('The work at “Chart room lights” is given up: it was never off.'));
    }

    public function test_what_is_written_of_an_open_box_is_written_by_whoever_has_it_open(): void
    {
        $this->proveDead(self::KEEPER, self::UPPER);
        $wire = ['name' => 'brown', 'was_at' => 'COM', 'is_far_end_safe' => '0'];
        $this->as('idris')->put(self::HOUSE.'/slots/keeper-dimmer/wires', $wire)
            ->assertSessionHasErrors([
                'act' => 'Mara Lindqvist works at this box. Only Mara Lindqvist can go on there, or take another box.',
            ]);
        $this->put(self::HOUSE.'/slots/keeper-dimmer/two-way', ['traced' => 'load'])->assertSessionHasErrors('act');
        $this->as('mara')->put(self::HOUSE.'/slots/keeper-dimmer/wires', $wire)->assertSessionHasNoErrors();
    }

    public function test_two_people_of_one_name_are_told_apart(): void
    {
        User::query()->where('email', 'like', 'idris@%')->update(['name' => 'Mara Lindqvist']);
        $this->proveDead(self::KEEPER, self::UPPER);
        $this->as('idris')->get(self::FIT.'?next='.self::KEEPER)->assertSee('Mara Lindqvist (mara@tarn-thistle.example) works at this box');
        $this->act(self::UPPER, 'accept');
        $this->act(self::UPPER, 'put-back', ['slot' => self::KEEPER])->assertSessionHasErrors('act');
    }

    public function test_a_circuit_goes_on_again_without_fitting_and_what_is_in_comes_out_again(): void
    {
        $this->proveDead(self::KEEPER, self::UPPER);
        $this->settleWires(self::KEEPER);
        $page = self::FIT.'?next='.self::KEEPER;
        $this->act(self::UPPER, 'fit', ['slot' => self::KEEPER])->assertSessionHasNoErrors();
        $this->get($page)->assertSee('It has to come out again');
        $this->delete(self::HOUSE.'/slots/keeper-dimmer/fitting')->assertRedirect($page);
        self::assertNull($this->fit(self::KEEPER)->fitted_at);
        $this->get($page)->assertSee('Make it live again without fitting')->assertSee('My lock is off');
        $this->act(self::UPPER, 'open', ['slot' => self::KEEPER])->assertSessionHasNoErrors();
        $this->act(self::UPPER, 'put-back', ['slot' => self::KEEPER])->assertSessionHasNoErrors();
        $this->act(self::UPPER, 'unlock', ['slot' => self::KEEPER]);
        $this->get($page)->assertSee('It is on again');
        $this->act(self::UPPER, 'switch-on', ['slot' => self::KEEPER])->assertSessionHasNoErrors();
        $this->get($page)->assertSee('I may, and have read its sheet');
        $this->delete(self::HOUSE.'/slots/chart-dimmer/fitting')->assertSessionHasErrors('slot');
    }

    public function test_conductors_are_noted_settled_and_taken_off(): void
    {
        $wires = self::HOUSE.'/slots/keeper-dimmer/wires';
        $this->post($wires, ['colour' => 'brown']);
        $this->post($wires, ['colour' => 'brown']);
        $this->post($wires, ['colour' => 'pink'])->assertSessionHasErrors('colour');
        self::assertSame(['brown', 'brown 2'], array_column($this->fit(self::KEEPER)->wires ?? [], 'name'));
        $this->delete($wires, ['name' => 'brown'])->assertRedirect();
        $this->put($wires, ['name' => 'brown', 'is_far_end_safe' => '0'])->assertSessionHasErrors('wire');
        $this->post($wires, ['colour' => 'brown']);
        self::assertSame(['brown 2', 'brown'], array_column($this->fit(self::KEEPER)->wires ?? [], 'name'));
    }

    public function test_the_photograph_is_kept_and_shown_and_what_is_none_is_refused(): void
    {
        $picture = self::HOUSE.'/slots/keeper-dimmer/found-picture';
        $this->get($picture)->assertNotFound();
        $this->post($picture, ['picture' => UploadedFile::fake()->createWithContent('box.jpg', 'no picture')])->assertSessionHasErrors();
        $this->post($picture, ['picture' => UploadedFile::fake()->image('box.jpg', 60, 40)])->assertSessionHasNoErrors();
        $first = (string) $this->fit(self::KEEPER)->picture;
        $this->get($picture)->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->post($picture, ['picture' => UploadedFile::fake()->image('box.jpg', 80, 40)]);
        self::assertNotSame($first, $this->fit(self::KEEPER)->picture);
    }

    public function test_a_box_travels_in_the_job_file_with_its_photograph_and_a_circuit_with_its_work(): void
    {
        $this->proveDead(self::KEEPER, self::UPPER);
        $this->settleWires(self::KEEPER);
        $this->travelTo('2026-11-20 12:00');
        $file = app(Exporter::class)->export($this->siteJob());
        $file['job']['key'] = 'copy';
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));
        $fit = $copy->slotFits()->whereHas('slot', static fn ($slot) => $slot->where('key', self::KEEPER))->sole();

        Storage::disk('local')->assertExists((string) $fit->picture);
        self::assertStringStartsWith("boxes/{$copy->id}/", (string) $fit->picture);
        self::assertEquals($this->fit(self::KEEPER)->wireList(), $fit->wireList());
        $work = $copy->isolations()->whereNull('ended_at')->sole()->core();
        self::assertEquals($this->isolation(self::UPPER)->core(), $work);
        $this->put('/jobs/copy/archive');
        $this->delete('/jobs/copy', ['written' => $copy->name])->assertSessionHasNoErrors();
        Storage::disk('local')->assertMissing((string) $fit->picture);
    }

    public function test_what_goes_into_no_wall_is_told_so_and_who_only_looks_sees_no_keys(): void
    {
        $this->put(self::HOUSE.'/slots/kitchen-leak/circuit', ['circuit' => self::UPPER])->assertSessionHasErrors('slot');
        $this->act(self::UPPER, 'read-live', ['slot' => self::KEEPER])->assertSessionHasErrors('volts');
        $this->act(self::UPPER, 'jump')->assertSessionHasErrors('act');
        $this->get('/jobs/weir-cottage/fit')->assertSee('Nothing goes into the wall');
        $this->as('wren')->get(self::FIT.'?next='.self::KEEPER)->assertOk()->assertDontSee('I may, and have read its sheet');
        $this->act(self::UPPER, 'accept')->assertForbidden();
    }

    public function test_the_van_list_and_the_time_of_a_visit(): void
    {
        $this->get(self::FIT.'?lens=van')->assertOk()
            ->assertSeeInOrder(['Lantern House, visit 2', 'Ceiling dimmer, TW-DIM-2', 'Spacer, 5 mm', 'to prove dead', 'Device labels'])
            ->assertSeeInOrder(['Visit 2 takes 2 h 04 min', '2 visits more', 'In the wall, 6 devices', '175 min of 165'])
            ->assertDontSeeText('AAA');
        $this->get(self::FIT.'?lens=van&at=visit+3')
            ->assertSeeInOrder(['Lantern House, visit 3', 'AAA', '4 and 1 spare', 'Pin', 'Visit 3 takes']);
        $this->get(self::FIT.'?lens=van&at=visit+77')->assertSee('Lantern House, visit 2');
        $csv = (string) $this->get(self::HOUSE.'/van?visit=3')->assertOk()
            ->assertHeader('Content-Type', 'text/csv; charset=UTF-8')->getContent();
        $rows = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim($csv)));
        self::assertSame(['kind', 'what', 'count', 'for'], $rows[0]);
        self::assertContains(['Batteries', 'AAA', '5', '4 and 1 spare'], $rows);
        $this->get('/jobs/weir-cottage/fit?lens=van')->assertSee('No work is left for it');
    }

    public function test_what_is_not_fitted_is_not_paired_first_where_it_will_live(): void
    {
        $pair = self::HOUSE.'/pair?next=keeper-dimmer';
        $this->get($pair)->assertSeeInOrder(['It is not in the wall yet', 'Fit it first', 'Open the join window all the same']);
        $this->radiosAreByHand(Protocol::Thread);
        $this->get(self::HOUSE.'/pair?next=keeper-blind')->assertDontSee('Open the join window all the same');
        $this->siteJob()->update(['school' => 'at-bench']);
        $this->get($pair)->assertDontSee('Fit it first')->assertSee('Open the join window');
    }

    public function test_two_people_are_shown_their_own_card(): void
    {
        $this->proveDead(self::KEEPER, self::UPPER);
        $this->get(self::FIT)->assertSee('The box as it was found');
        $this->as('idris')->get(self::FIT)->assertDontSee('The box as it was found');
    }

    protected function fitted(): string
    {
        return self::HOUSE;
    }

    private function fit(string $slot): SlotFit
    {
        return SlotFit::query()->where('slot_id', $this->slot($slot)->id)->sole();
    }

    private function circuit(string $key): Circuit
    {
        return Circuit::query()->where('site_job_id', $this->siteJob()->id)->where('key', $key)->sole();
    }
}
