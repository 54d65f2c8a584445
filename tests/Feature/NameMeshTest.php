<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\MeshReading;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Protocol\Protocol;
use Tests\TestCase;
use Tests\WithStandin;

final class NameMeshTest extends TestCase
{
    use WithStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_the_pattern_proposes_and_one_touch_accepts(): void
    {
        $this->get('/jobs/lantern-house/name?next=freezer')
            ->assertSee('Name the freezer probe')
            ->assertSee('value="Pantry freezer probe"', false)
            ->assertSee('pantry_freezer_probe');
        $this->put('/jobs/lantern-house/slots/freezer/name', ['name' => ' Pantry  freezer probe ', 'lock_version' => 1])
            ->assertRedirect('/jobs/lantern-house/name');

        self::assertSame('Pantry freezer probe', $this->slot('freezer')->name);
        self::assertNull($this->slot('freezer')->named_at, 'it counts once the gateway has confirmed it');
        $this->listen();
        self::assertNotNull($this->slot('freezer')->named_at);
        self::assertSame('Pantry freezer probe', $this->slot('freezer')->node?->label);
        self::assertTrue($this->logged('Named the freezer probe “Pantry freezer probe”.'));
    }

    public function test_a_name_is_taken_back(): void
    {
        $rename = fn (string $name) => $this->put('/jobs/lantern-house/slots/chart-dimmer/name', [
            'name' => $name, 'lock_version' => $this->slot('chart-dimmer')->lock_version,
        ])->assertSessionHasNoErrors();
        $this->get('/jobs/lantern-house/name?next=chart-dimmer')->assertDontSee('again</button>', false);
        $rename('Chart room big light');
        $this->listen();
        self::assertTrue($this->logged('Renamed the ceiling dimmer: “Chart room ceiling dimmer” is “Chart room big light” now.'));
        $this->get('/jobs/lantern-house/name?next=chart-dimmer')->assertSee('Call it “Chart room ceiling dimmer” again');
        $rename('Chart room ceiling dimmer');
        $this->listen();

        self::assertSame('Chart room ceiling dimmer', $this->slot('chart-dimmer')->node?->label);
        $this->get('/jobs/lantern-house/name?next=chart-dimmer')->assertSee('Call it “Chart room big light” again');
    }

    public function test_a_name_that_another_device_has_is_refused_with_the_reason(): void
    {
        foreach (['Chart room ceiling dimmer', 'chart room CEILING dimmer'] as $name) {
            $this->htmx('PUT', '/jobs/lantern-house/slots/freezer/name', ['name' => $name, 'lock_version' => 1])->assertStatus(422)
                ->assertHeader('HX-Retarget', '#notice')->assertSee('is already the name of the ceiling dimmer in the chart room');
        }
        self::assertNull($this->slot('freezer')->name);
    }

    public function test_a_name_that_is_a_room_or_nothing_is_refused(): void
    {
        $this->htmx('PUT', '/jobs/lantern-house/slots/freezer/name', ['name' => 'Pantry', 'lock_version' => 1])
            ->assertStatus(422)
            ->assertSee('is also the room');
        $this->htmx('PUT', '/jobs/lantern-house/slots/freezer/name', ['name' => '…', 'lock_version' => 1])
            ->assertStatus(422)
            ->assertSee('at least one letter or digit');
        $this->htmx('PUT', '/jobs/lantern-house/slots/freezer/name', ['name' => '', 'lock_version' => 1])
            ->assertStatus(422)
            ->assertSee('Write a name before you save.');
        $this->htmx('PUT', '/jobs/lantern-house/slots/freezer/name', ['name' => str_repeat('x', 65), 'lock_version' => 1])
            ->assertStatus(422)
            ->assertSee('at most 64 characters');
    }

    public function test_a_radio_without_link_is_named_at_once(): void
    {
        $this->radiosAreByHand(Protocol::ZWave);
        $this->put('/jobs/lantern-house/slots/front-lock/name', ['name' => 'Store yard door lock', 'lock_version' => 1])
            ->assertRedirect();

        self::assertNotNull($this->slot('front-lock')->named_at);
    }

    public function test_a_gateway_that_is_away_keeps_the_name_here_and_says_so(): void
    {
        $this->gatewayIsAway();
        $this->followingRedirects()
            ->put('/jobs/lantern-house/slots/freezer/name', ['name' => 'Pantry freezer probe', 'lock_version' => 1])
            ->assertSeeInOrder(['Kept here, and not on the device', 'Pantry freezer probe', 'does not answer']);
        $this->get('/jobs/lantern-house/name?next=freezer')->assertSee('is kept here, and is not on the device.');

        self::assertSame(['Pantry freezer probe', null], [$this->slot('freezer')->name, $this->slot('freezer')->named_at]);
    }

    public function test_a_name_that_is_kept_is_not_listed_as_one_to_come_as_well(): void
    {
        $this->gatewayIsAway();
        $listed = static fn (string $page): int => substr_count($page, 'next=freezer');
        $before = $listed((string) $this->get('/jobs/lantern-house/name?next=shelf-strip')->content());

        $this->put('/jobs/lantern-house/slots/freezer/name', ['name' => 'Pantry freezer probe', 'lock_version' => 1])->assertRedirect();
        $after = $this->get('/jobs/lantern-house/name?next=shelf-strip')->assertSee('Kept here, and not on the device');

        self::assertSame($before, $listed((string) $after->content()));
    }

    public function test_two_people_naming_one_slot_both_see_both_names(): void
    {
        $this->put('/jobs/lantern-house/slots/freezer/name', ['name' => 'Pantry freezer probe', 'lock_version' => 1])->assertRedirect();
        $this->htmx('PUT', '/jobs/lantern-house/slots/freezer/name', ['name' => 'Freezer', 'lock_version' => 1])->assertStatus(409)
            ->assertSee('Somebody else changed the freezer probe in the meantime.')
                ->assertSee('Pantry freezer probe')
                ->assertSee('Freezer');

        self::assertSame('Pantry freezer probe', $this->slot('freezer')->name);
    }

    public function test_a_mesh_reading_is_stored_and_judged(): void
    {
        $this->get('/jobs/lantern-house/mesh')->assertSee('Ask the hub who hears whom')->assertSee('11 Zigbee devices are in');
        $this->post('/jobs/lantern-house/mesh-readings')->assertRedirect();
        $this->pass(1);
        $this->get('/jobs/lantern-house/mesh')->assertSee('The hub asks who hears whom over Zigbee')->assertSee('data-live="yes"', false);
        $this->pass(10);
        $reading = MeshReading::query()->firstOrFail();

        self::assertSame('done', $reading->state);
        self::assertSame(11, $reading->accepted + $reading->thin + $reading->lost);
        self::assertGreaterThan(0, $reading->lost, 'foil behind the plaster and no relay in the hall yet');
        self::assertGreaterThan(20, $reading->links()->count());
        $this->get('/jobs/lantern-house/mesh')->assertSee('What the reading says')->assertSee('lost');
        self::assertTrue($this->logged('Zigbee read:'));
        DB::enableQueryLog();
        $this->get('/jobs/lantern-house/mesh');
        self::assertLessThanOrEqual(12, count(DB::getQueryLog()));
    }

    public function test_with_the_hall_relay_in_the_pantry_is_reached_and_the_rest_gets_advice(): void
    {
        $this->pairHallRelay();
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(10);

        self::assertSame(0, MeshReading::query()->firstOrFail()->lost);
        $this->get('/jobs/lantern-house/mesh')
            ->assertSee('Put a relay in the pantry')
            ->assertSee('makes it accepted by the forecast')
            ->assertSee('If the ceiling relay goes,')
            ->assertSeeInOrder(['Now', '2 thin', '0 lost', 'With it', '1 thin', '0 lost']);
    }

    public function test_the_advised_relay_becomes_work_at_its_point(): void
    {
        $this->post('/jobs/lantern-house/relays', ['protocol' => 'zigbee', 'point' => 'pantry-p1'])
            ->assertRedirect('/jobs/lantern-house/pair?next=socket-relay-plug');
        $slot = $this->slot('socket-relay-plug');

        self::assertSame('pantry-p1', $slot->point?->key);
        self::assertTrue($slot->forecasts()->exists());
        $this->get('/jobs/lantern-house/pair?next=socket-relay-plug')->assertSee('Pair the socket relay plug');
        $this->htmx('POST', '/jobs/lantern-house/relays', ['protocol' => 'zigbee', 'point' => 'pantry-p1'])
            ->assertStatus(422)
            ->assertSee('That point is taken by now.');
        $this->htmx('POST', '/jobs/lantern-house/relays', ['protocol' => 'zigbee', 'point' => 'roof-p9'])
            ->assertStatus(422)
            ->assertSee('no such mains point');
    }

    public function test_a_relay_that_the_plan_has_comes_before_a_new_one(): void
    {
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(10);

        $this->get('/jobs/lantern-house/mesh')
            ->assertSee('Pair the ceiling relay in the hall')
            ->assertSee('and helps 1 more: it has only to be paired.')
            ->assertSeeInOrder(['Now', '2 lost', 'With it', '0 lost'])->assertSee('jobs/lantern-house/pair?next=hall-relay')
            ->assertSeeInOrder([
                'Pairing the ceiling relay in the hall makes it accepted.', 'Or a new relay at the socket in the boot room',
            ]);
    }

    public function test_an_added_relay_is_to_be_paired_and_no_second_one_is_asked_for(): void
    {
        $this->pairHallRelay();
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(10);
        $this->post('/jobs/lantern-house/relays', ['protocol' => 'zigbee', 'point' => 'pantry-p1']);

        $this->get('/jobs/lantern-house/mesh')->assertSee('Pair the socket relay plug in the pantry')->assertSee('Go and pair it');
    }

    public function test_every_thin_or_lost_device_has_its_remedy_beside_it(): void
    {
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(10);
        $page = $this->get('/jobs/lantern-house/mesh');

        foreach (['freezer', 'shed-plug'] as $key) {
            $page->assertSeeInOrder(['Thin or lost, and what helps', ucfirst($this->slot($key)->title()), 'relay at the socket in the']);
        }
    }

    public function test_the_advised_relay_from_the_van_makes_its_device_accepted(): void
    {
        $this->pairHallRelay();
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(10);
        $this->post('/jobs/lantern-house/relays', ['protocol' => 'zigbee', 'point' => 'pantry-p1']);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'socket-relay-plug'])->assertRedirect();
        $this->hands('plug-at', ['device' => 'van-relay-1', 'point' => 'pantry-p1']);
        $this->hands('gesture', ['device' => 'van-relay-1', 'kind' => 'hold', 'seconds' => 4]);
        $this->pass(10);
        $address = (string) $this->siteJob()->nodes()->where('model', 'TW-RANGE-L')->value('address');
        $this->post('/jobs/lantern-house/slots/socket-relay-plug/node', ['address' => $address])->assertRedirect();
        $before = MeshReading::query()->firstOrFail();
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(20);
        $after = MeshReading::query()->latest('id')->firstOrFail();

        self::assertSame([2, 0], [$before->thin, $before->lost]);
        self::assertSame([1, 0], [$after->thin, $after->lost], 'what the advice had promised');
    }

    public function test_a_second_touch_while_a_mesh_reading_runs_starts_no_second_one(): void
    {
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->post('/jobs/lantern-house/mesh-readings');

        self::assertSame(1, MeshReading::query()->count());
    }

    public function test_a_mesh_reading_that_the_gateway_never_heard_of_says_so_and_can_be_asked_again(): void
    {
        $this->gatewayIsAway();
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->get('/jobs/lantern-house/mesh')->assertSee('The last reading did not end')->assertSee('Read the mesh');
        $this->gatewayIsAway(false);
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(10);

        self::assertSame(['failed', 'done'], MeshReading::query()->orderBy('id')->pluck('state')->all());
    }

    public function test_a_job_without_a_linked_gateway_says_that_there_is_nobody_to_ask(): void
    {
        $this->get('/jobs/calico-court/mesh')->assertSee('No hub that reads a mesh is linked')->assertDontSee('Read the mesh');
        $this->get('/jobs/calico-court/pair')->assertSee('No hub is linked to this job')->assertSee('8 to put in by hand');
        $this->htmx('POST', '/jobs/calico-court/mesh-readings')->assertStatus(422)->assertSee('No hub with a link reads a radio');
        $this->htmx('POST', '/jobs/calico-court/windows', ['slot' => 'bath-leak'])
            ->assertStatus(422)
            ->assertSee('No hub of this job opens a window');
    }

    public function test_a_typed_name_is_judged_as_it_is_typed_and_nothing_is_stored(): void
    {
        $judged = fn (string $name) => $this->get('/jobs/lantern-house/slots/freezer/name?name='.urlencode($name), [
            'HX-Request' => 'true',
        ]);
        $judged('Chart room ceiling dimmer')->assertOk()->assertSee('is already the name of the ceiling dimmer in the chart room');
        $judged('Chart room ceiling dimmers')->assertSee('one letter or a plural apart')->assertSee('chart_room_ceiling_dimmers');
        $judged('Pantry')->assertSee('is also the room');

        self::assertNull($this->slot('freezer')->name);
    }

    public function test_a_proposal_too_long_for_its_radio_is_offered_in_the_short_form(): void
    {
        $this->slot('chart-blind')->update(['place' => 'large window beside the map table', 'name' => null, 'named_at' => null]);
        $this->get('/jobs/lantern-house/name?next=chart-blind')
            ->assertDontSee('value="Chart room large window', false)
            ->assertSee('value="Chart room blind"', false);
    }

    public function test_a_name_the_hub_never_confirms_ends_in_words(): void
    {
        $this->put('/jobs/lantern-house/slots/freezer/name', ['name' => 'Pantry freezer probe', 'lock_version' => 1]);
        $this->get('/jobs/lantern-house/name?next=freezer')->assertSee('Writing the name to the device');
        $this->hands('boot', ['epoch' => 'another']);
        $this->listen();

        $this->get('/jobs/lantern-house/name?next=freezer')
            ->assertDontSee('Writing the name to the device')
            ->assertSee('The hub restarted before it had confirmed it.');
    }

    public function test_a_reading_older_than_what_it_judges_says_so_first_and_advises_nothing(): void
    {
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(60);
        $this->get('/jobs/lantern-house/mesh')->assertSee('What the reading says')->assertSee('Go and pair it');
        $this->pairHallRelay();
        $this->get('/jobs/lantern-house/mesh')
            ->assertSee('Read the mesh again')
            ->assertSeeInOrder(['Ceiling relay', 'came in'])
            ->assertDontSee('Add it to the work')
            ->assertDontSee('Go and pair it')
            ->assertDontSee('What the reading says');
        $this->get('/jobs/lantern-house/hand-over')->assertOk();
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(60);

        $this->get('/jobs/lantern-house/mesh')->assertSee('What the reading says');
    }
}
