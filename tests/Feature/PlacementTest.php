<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobFiles\Exporter;
use App\JobFiles\Importer;
use App\JobSheet\JobSheet;
use App\Models\MeshReading;
use App\Models\SlotFit;
use App\Stations\Pair\Placements;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Pairing\Placement;
use Kavvel\Core\Protocol\Protocol;
use Tests\TestCase;
use Tests\WithStandin;

/** The school of the bench owes its recheck: what was paired beside the hub is placed, and looked at again. */
final class PlacementTest extends TestCase
{
    use WithStandin;

    private const PAIR = '/jobs/lantern-house/pair';

    private const PLACE = '/jobs/lantern-house/slots/hall-relay/placement';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->nothingIsIn();
        $this->startStandin();
        $this->siteJob()->update(['school' => PairingOrder::AtBench->value]);
        SlotFit::query()->update(['fitted_at' => null]);
    }

    public function test_in_place_nothing_is_owed(): void
    {
        $this->pairHallRelay();
        $this->siteJob()->update(['school' => PairingOrder::InPlace->value]);

        self::assertSame([], Placements::due(JobSheet::of($this->siteJob())));
        $this->get(self::PAIR)->assertDontSee('to place');
    }

    public function test_what_is_in_is_placed_and_the_mesh_read_again(): void
    {
        $this->pairHallRelay();
        $this->get(self::PAIR)->assertSee("1\u{a0}to place")->assertDontSee('Place the ceiling relay');
        $this->get(self::PAIR.'?next=hall-relay')
            ->assertSee('Place the ceiling relay')
            ->assertSee('It was paired at the bench')
            ->assertSee('It is in its place');
        $this->post('/jobs/lantern-house/mesh-readings')->assertSessionHasNoErrors();
        $this->pass(20);
        $this->travel(1)->minutes();

        $this->post(self::PLACE)->assertRedirect(self::PAIR);
        self::assertTrue($this->logged('The ceiling relay is in its place.'));
        $this->get(self::PAIR.'?next=hall-relay')
            ->assertSee('Check the ceiling relay where it is')
            ->assertSee('data-move="recheck"', false);
        $this->get('/jobs/lantern-house/mesh')
            ->assertSee('Read the mesh again')
            ->assertSeeInOrder(['Ceiling relay, hall', 'moved or exchanged'], false);

        $this->travel(1)->minutes();
        $this->post('/jobs/lantern-house/mesh-readings')->assertSessionHasNoErrors();
        $this->pass(20);
        self::assertSame(2, MeshReading::query()->where('state', 'done')->count());
        self::assertSame([], Placements::due(JobSheet::of($this->siteJob())));
    }

    public function test_when_all_are_in_the_next_move_is_to_place_them(): void
    {
        $this->pairHallRelay();
        $this->radiosAreByHand(...Protocol::cases());

        $this->get(self::PAIR)->assertSee('Place the ceiling relay')->assertSee('to put in by hand');
    }

    public function test_one_of_no_mesh_is_checked_by_being_heard(): void
    {
        $this->post('/jobs/lantern-house/windows', ['slot' => 'doorbell']);
        $this->hands('carry', ['device' => 'doorbell']);
        $this->hands('gesture', ['device' => 'doorbell', 'kind' => 'pin-hold', 'times' => 1, 'seconds' => 5]);
        $this->pass(15);
        $address = $this->house()->devices['doorbell']->address;
        $this->post('/jobs/lantern-house/slots/doorbell/node', ['address' => $address])->assertSessionHasNoErrors();
        $this->travel(1)->minutes();
        $this->post('/jobs/lantern-house/slots/doorbell/placement');
        self::assertSame(['doorbell' => Placement::ToRecheck], Placements::due(JobSheet::of($this->siteJob())));
        $this->get(self::PAIR.'?next=doorbell')->assertSee('Trigger it there')->assertSee('The hub listens for it');

        $this->hands('advance', ['seconds' => 120]);
        $this->hands('put-back', ['device' => 'doorbell']);
        $this->hands('carry', ['device' => 'doorbell']);
        $this->hands('trigger', ['device' => 'doorbell']);
        $this->listen();
        self::assertSame([], Placements::due(JobSheet::of($this->siteJob())));
    }

    public function test_it_can_be_taken_back_and_another_device_begins_anew(): void
    {
        $this->pairHallRelay();
        $this->post(self::PLACE);
        $this->delete(self::PLACE)->assertRedirect(self::PAIR.'?next=hall-relay');
        self::assertNull($this->slot('hall-relay')->placed_at);

        $this->post(self::PLACE);
        $node = $this->slot('hall-relay')->node;
        $this->delete('/jobs/lantern-house/slots/hall-relay/node');
        $this->post('/jobs/lantern-house/slots/hall-relay/node', ['address' => $node?->address])->assertSessionHasNoErrors();
        self::assertNull($this->slot('hall-relay')->placed_at);
    }

    public function test_all_that_stand_at_the_bench_are_placed_at_once(): void
    {
        $this->pairHallRelay();
        $this->siteJob()->update(['school' => PairingOrder::InPlace->value]);
        $this->hands('carry', ['device' => 'kitchen-leak']);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'kitchen-leak']);
        $this->hands('gesture', ['device' => 'kitchen-leak', 'kind' => 'hold', 'times' => 1, 'seconds' => 3]);
        $this->pass(15);
        $this->post('/jobs/lantern-house/slots/kitchen-leak/node', ['address' => $this->house()->devices['kitchen-leak']->address]);
        $this->post('/jobs/lantern-house/placements')->assertRedirect(self::PAIR);
        self::assertNull($this->slot('kitchen-leak')->placed_at, 'in place nothing is owed');

        $this->siteJob()->update(['school' => PairingOrder::AtBench->value]);
        $this->get(self::PAIR.'?next=hall-relay')->assertSee('All 2 are in their places');
        $this->post('/jobs/lantern-house/placements')->assertRedirect(self::PAIR);
        self::assertTrue($this->logged('2 devices are in their places.'));
        self::assertSame([Placement::ToRecheck, Placement::ToRecheck], array_values(Placements::due(JobSheet::of($this->siteJob()))));
    }

    public function test_what_is_not_in_is_not_placed(): void
    {
        $this->post(self::PLACE)->assertSessionHasErrors([
            'slot' => 'The ceiling relay is not in yet. Pair it first, then put it into its place.',
        ]);
        $this->as('wren')->post(self::PLACE)->assertForbidden();
    }

    public function test_it_travels_in_the_job_file(): void
    {
        $this->pairHallRelay();
        $this->post(self::PLACE);
        $file = app(Exporter::class)->export($this->siteJob());
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));

        self::assertNotNull($copy->slots()->where('key', 'hall-relay')->firstOrFail()->placed_at);
    }
}
