<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Gateway\Listener;
use App\Models\Gateway;
use App\Models\GatewayEvent;
use App\Models\JoinWindow;
use App\Models\MeshReading;
use App\Models\Node;
use Illuminate\Support\Facades\Http;
use Kavvel\Core\Proving\Rung;
use Tests\TestCase;
use Tests\WithStandin;

final class ListenerTest extends TestCase
{
    use WithStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_event_and_cursor_are_stored_together(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->listen();
        $gateway = Gateway::query()->whereNotNull('url')->firstOrFail();

        self::assertSame(2, $gateway->cursor);
        self::assertSame([1, 2], GatewayEvent::query()->orderBy('sequence')->pluck('sequence')->all());
    }

    public function test_one_lost_answer_is_no_absence_and_opens_no_second_window(): void
    {
        $this->gatewayAnswersAreLost(1);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect();
        $this->gatewayAnswersAreLost(1);
        $this->listen();

        self::assertSame(['gateway.started', 'window.opened'], GatewayEvent::query()->orderBy('sequence')->pluck('type')->all());
        self::assertNull(Gateway::query()->whereNotNull('url')->firstOrFail()->silent_since);
        $this->gatewayAnswersAreLost(2);
        $this->listen();
        self::assertNotNull(Gateway::query()->whereNotNull('url')->firstOrFail()->silent_since, 'two are');
    }

    public function test_a_second_look_changes_nothing(): void
    {
        $this->pairHallRelay();
        $this->listen();
        $before = [GatewayEvent::query()->count(), $this->siteJob()->logEntries()->count()];
        $this->listen();
        $this->listen();

        self::assertSame($before, [GatewayEvent::query()->count(), $this->siteJob()->logEntries()->count()]);
    }

    public function test_an_event_that_is_repeated_is_taken_once(): void
    {
        $this->pairHallRelay();
        $this->listen();
        $joined = static fn (): int => GatewayEvent::query()->where('type', 'device.joined')->count();
        $before = [$joined(), $this->siteJob()->logEntries()->count()];
        Gateway::query()->whereNotNull('url')->firstOrFail()->update(['cursor' => 0]);
        $this->listen();

        self::assertSame($before, [$joined(), $this->siteJob()->logEntries()->count()]);
    }

    public function test_a_restart_ends_windows_and_mesh_readings_and_reads_the_nodes_anew(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->post('/jobs/lantern-house/mesh-readings');
        $this->pass(1);
        $gateway = Gateway::query()->whereNotNull('url')->firstOrFail();
        $this->hands('boot', ['epoch' => 'second']);
        $this->listen();

        self::assertSame(['ended', 'hub-restarted'], array_values(JoinWindow::query()->firstOrFail()->only(['state', 'reason'])));
        self::assertSame(['failed', 'The hub restarted.'], array_values(MeshReading::query()->firstOrFail()->only(['state', 'reason'])));
        self::assertSame('second', $gateway->fresh()?->epoch);
        self::assertLessThan($gateway->cursor, $gateway->fresh()->cursor, 'counted from the start again');
        self::assertTrue($this->logged('Hub restarted.'));
    }

    public function test_a_gateway_whose_clock_jumps_is_followed_at_once(): void
    {
        $this->pass(254);
        self::assertEqualsWithDelta(254, Gateway::query()->whereNotNull('url')->value('clock_ahead_seconds'), 2);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay']);
        $this->listen();

        $this->get('/jobs/lantern-house/pair')->assertSee('data-seconds-left="25', false);
    }

    public function test_an_event_that_can_not_be_read_is_set_aside_and_the_next_is_taken(): void
    {
        $gateway = Gateway::query()->whereNotNull('url')->firstOrFail();
        $at = now()->toIso8601ZuluString();
        $next = $gateway->cursor + 1;
        Http::swap(new \Illuminate\Http\Client\Factory);
        Http::fake(['*/v1/events*' => Http::response([
            'epoch' => $gateway->epoch,
            'clock' => $at,
            'oldest' => 1,
            'newest' => $next + 1,
            'events' => [
                ['sequence' => $next, 'at' => $at, 'type' => 'device.joined', 'data' => ['address' => 7]],
                ['sequence' => $next + 1, 'at' => $at, 'type' => 'device.left', 'data' => ['address' => '02A7C30000000101']],
            ],
        ])]);
        $this->listen();

        self::assertSame($next + 1, $gateway->refresh()->cursor);
        self::assertTrue($this->logged('Something that Hub said could not be read, and is set aside with the hubs of this job.'));
        self::assertSame('The value at $.data.address must be text.', GatewayEvent::query()->where('sequence', $next)->value('set_aside'));
        self::assertSame(Node::LEFT, Node::query()->where('address', '02A7C30000000101')->value('state'));
    }

    public function test_a_gap_asks_for_a_full_resync(): void
    {
        $gateway = Gateway::query()->whereNotNull('url')->firstOrFail();
        Http::swap(new \Illuminate\Http\Client\Factory);
        Http::fake([
            '*/v1/events*' => Http::response([
                'epoch' => $gateway->epoch,
                'clock' => now()->toIso8601ZuluString(),
                'oldest' => 40,
                'newest' => 40,
                'events' => [['sequence' => 40, 'at' => now()->toIso8601ZuluString(), 'type' => 'gateway.noise', 'data' => []]],
            ]),
            '*/v1/nodes' => Http::response([
                'epoch' => $gateway->epoch,
                'newest' => 40,
                'nodes' => [[
                    'address' => '02A7C30000000101',
                    'protocol' => 'zigbee',
                    'model' => 'TW-DIM-2',
                    'firmware' => '9.9.9',
                    'role' => 'router',
                    'capabilities' => ['on-off'],
                    'state' => 'joined',
                ]],
            ]),
        ]);
        app(Listener::class)->pollAll();

        self::assertSame(40, $gateway->refresh()->cursor);
        self::assertSame('9.9.9', Node::query()->where('address', '02A7C30000000101')->value('firmware'));
        self::assertSame(
            'left',
            Node::query()->where('address', '02A7C30000000102')->value('state'),
            'what the gateway no longer lists has left',
        );
        self::assertSame(
            'joined',
            Node::query()->where('protocol', 'zwave')->value('state'),
            'radios that were not listed are left alone',
        );
    }

    public function test_absence_and_return_are_plain_on_every_page(): void
    {
        $this->gatewayIsAway();
        $this->listen();
        foreach (['survey', 'pair', 'name', 'mesh', 'hand-over'] as $page) {
            $this->get("/jobs/lantern-house/{$page}")->assertSee('Hub has not answered since');
        }
        self::assertTrue($this->logged('does not answer'));
        $this->get('/jobs/lantern-house/pair')->assertSee('Waits for the hub')->assertDontSee('data-move="open-', false);
        $this->get('/jobs/lantern-house/mesh')->assertSee('Waits for the hub')->assertDontSee('Read the mesh');

        $this->gatewayIsAway(false);
        $this->listen();
        $this->get('/jobs/lantern-house/pair')->assertDontSee('has not answered since')->assertSee('data-move="open-', false);
        self::assertTrue($this->logged('Hub answers again.'));
    }

    public function test_an_absence_is_logged_once(): void
    {
        $this->gatewayIsAway();
        $this->listen();
        $this->listen();
        $this->listen();

        self::assertSame(1, $this->siteJob()->logEntries()->where('text', 'like', '%does not answer%')->count());
    }

    public function test_what_the_gateway_never_confirms_ends_in_words(): void
    {
        $gateway = Gateway::query()->whereNotNull('url')->firstOrFail();
        $window = JoinWindow::query()->create([
            'site_job_id' => $gateway->site_job_id, 'gateway_id' => $gateway->id, 'reference' => 'window-lost',
            'slot_id' => $this->slot('hall-relay')->id, 'state' => 'opening', 'seconds' => 254,
        ]);
        $window->attempts()->create([
            'site_job_id' => $gateway->site_job_id,
            'slot_id' => $this->slot('hall-relay')->id,
            'state' => 'waiting',
            'missing' => [],
            'started_at' => now(),
        ]);
        $reading = MeshReading::query()->create([
            'site_job_id' => $gateway->site_job_id, 'gateway_id' => $gateway->id, 'reference' => 'reading-lost', 'protocol' => 'zigbee',
            'state' => 'asked', 'asked_at' => now(),
        ]);
        $this->listen();
        self::assertSame(['opening', 'asked'], [$window->refresh()->state, $reading->refresh()->state]);

        $this->travel(11)->minutes();
        $this->listen();
        self::assertSame(['refused', 'failed'], [$window->refresh()->state, $reading->refresh()->state]);
        $this->get('/jobs/lantern-house/pair')->assertSee('Open the');
        $this->get('/jobs/lantern-house/mesh')->assertSee('The hub never finished it.');
    }

    public function test_a_listener_that_has_stopped_shows_on_the_page(): void
    {
        $this->get('/jobs/lantern-house/pair')->assertDontSee('has not answered since');
        $this->travel(2)->minutes();
        $this->get('/jobs/lantern-house/pair')->assertSee('Hub has not answered since');
    }

    public function test_an_unplugged_gateway_counts_as_away(): void
    {
        $this->hands('unplug');
        $this->listen();

        self::assertNotNull(Gateway::query()->whereNotNull('url')->value('silent_since'));
    }

    public function test_a_report_shows_the_radio_and_the_hub_rung_of_a_sensor(): void
    {
        $slot = $this->slot('freezer');
        self::assertSame([Rung::Radio], $slot->proofResults()->pluck('rung')->all());
        $this->pairHallRelay();
        $this->hands('trigger', ['device' => 'freezer']);
        $this->listen();

        self::assertContains(Rung::Hub, $slot->proofResults()->pluck('rung')->all());
    }

    public function test_a_command_settles_the_hub_rung_either_way(): void
    {
        $this->pairHallRelay();
        $this->post('/jobs/lantern-house/slots/hall-relay/proof-commands', ['station' => 'pair'])
            ->assertRedirect('/jobs/lantern-house/pair?slot=hall-relay');
        $this->pass(2);
        self::assertSame(
            'passed',
            $this->slot('hall-relay')->proofResults()->where('rung', 'hub')->latest('id')->firstOrFail()->outcome->value,
        );

        $this->hands('remove', ['address' => $this->slot('chart-dimmer')->node?->address]);
        $this->post('/jobs/lantern-house/slots/chart-dimmer/proof-commands');
        $this->pass(5);
        self::assertSame(
            1,
            $this->slot('chart-dimmer')->proofResults()->where('rung', 'hub')->count(),
            'the gateway refused it: nothing was tested',
        );
    }

    public function test_a_node_that_leaves_is_no_longer_in(): void
    {
        $this->hands('remove', ['address' => $this->slot('chart-dimmer')->node?->address]);
        $this->listen();

        self::assertSame('left', $this->slot('chart-dimmer')->node?->state);
        $this->get('/jobs/lantern-house/survey?slot=chart-dimmer')->assertSee('It has left the network, and counts as out.');
        self::assertTrue($this->logged('The ceiling dimmer left the network.'));
    }
}
