<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobFiles\Exporter;
use App\JobFiles\Importer;
use App\Models\MeshProposal;
use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\Protocol\Protocol;
use Tests\TestCase;
use Tests\WithStandin;

/** A mesh that was read, tried with changes that nobody has made. */
final class WhatIfTest extends TestCase
{
    use WithStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
        $this->pairHallRelay();
        $this->read(Protocol::Zigbee);
    }

    public function test_a_router_that_is_switched_off_says_who_is_stranded(): void
    {
        $this->tried('')->assertSee('Try it before anybody climbs a ladder')->assertSee('Ceiling relay, hall');
        $this->tried('off:hall-relay')->assertSeeInOrder([
            'devices get worse', 'As read', '0 lost', 'Then', '2 lost', 'What is tried', 'The ceiling relay without its supply', 'Not this',
            'Who stands otherwise', 'Floor leak sensor', 'then lost', 'Freezer probe', 'then lost',
        ]);
        self::assertSame(0, $this->siteJob()->meshReadings()->where('lost', '>', 0)->count(), 'nothing was changed');
    }

    public function test_a_relay_more_says_who_gains_and_two_changes_are_tried_together(): void
    {
        $this->tried('relay:pantry-p1')->assertSeeInOrder([
            'One device gets better', '2 thin', '1 thin', 'A relay at the socket in the pantry', 'Freezer probe', 'thin, then accepted',
        ]);
        $this->tried('relay:pantry-p1 off:hall-relay')->assertSeeInOrder(['A relay at the', 'The ceiling relay without'])
            ->assertSee('at=off%3Ahall-relay', false);
    }

    public function test_the_hub_is_tried_elsewhere(): void
    {
        $page = $this->tried('hub:pantry-p1')->assertSee('The hub at the socket in the pantry');

        self::assertMatchesRegularExpression('/gets? (better|worse)/', (string) $page->content());
        $page->assertSee('p-touched', false);
    }

    public function test_what_is_not_there_is_not_tried_and_a_stale_reading_advises_nothing(): void
    {
        $this->tried('off:nobody relay:roof dance:now off:')->assertSee('Try it before anybody climbs a ladder');
        $this->siteJob()->slots()->where('key', 'signal-plug')->update(['x' => 9.5]);
        $this->siteJob()->touchLive();

        $this->tried('off:hall-relay')->assertSee('Read the mesh again')->assertDontSee('What is tried');
    }

    public function test_a_radio_that_is_no_mesh_has_nothing_to_try(): void
    {
        $this->read(Protocol::Wifi);
        $this->get('/jobs/lantern-house/mesh?lens=wifi')->assertDontSee('What if');
        $this->get('/jobs/lantern-house/mesh?lens=wifi&show=what-if')->assertDontSee('Switch off')->assertSee('What the reading says');
        $this->get('/jobs/lantern-house/mesh?lens=zigbee')->assertSee('What if');
        $this->get('/jobs/calico-court/mesh?show=what-if')->assertOk();
    }

    public function test_proposals_stand_side_by_side_with_what_they_do_and_take(): void
    {
        $this->keep('relay:pantry-p1')->assertRedirect();
        $this->keep('relay:pantry-p1')->assertSessionHasErrors('proposal');
        $this->keep('relay:pantry-p1 relay:bath-p1 hub:store-p1')->assertSessionHasNoErrors();
        $this->keep('')->assertSessionHasErrors('proposal');
        $this->keep('off:nobody')->assertSessionHasErrors('proposal');

        $this->tried('')->assertSeeInOrder(['Proposals', 'Now', 'A', 'B', 'Accepted', 'Thin', 'Lost', 'Cost', 'Minutes'])
            ->assertSeeInOrder(['a relay at the socket in the pantry', 'Mara Lindqvist', 'Show A', 'Make A work', 'Drop A']);
        $this->tried('relay:pantry-p1')->assertDontSee('Keep it as a proposal');
        $this->tried('off:hall-relay')->assertSee('Keep it as a proposal');
        self::assertTrue($this->logged('Kept a proposal for the Zigbee mesh.'));
        $this->delete($this->proposal('relay:pantry-p1'))->assertSessionHasNoErrors();
        self::assertSame(1, MeshProposal::query()->count());
    }

    public function test_a_proposal_becomes_work_and_the_next_reading_stands_beside_what_it_promised(): void
    {
        $this->keep('relay:pantry-p1 hub:store-p1');
        $this->keep('relay:pantry-p1');
        $this->post($this->proposal('relay:pantry-p1').'/work')->assertRedirect('/jobs/lantern-house/pair?next=socket-relay-plug');
        self::assertSame('pantry-p1', $this->slot('socket-relay-plug')->point?->key);
        $this->post($this->proposal('relay:pantry-p1').'/work')->assertSessionHasErrors('proposal');
        self::assertSame(['accepted' => 12, 'thin' => 1, 'lost' => 0], MeshProposal::query()->whereNotNull('worked_at')->sole()->promised);
        $this->tried('')->assertSee('Something of it can be done no more: try it anew.')->assertDontSee('Make A work');

        $this->post('/jobs/lantern-house/windows', ['slot' => 'socket-relay-plug'])->assertRedirect();
        $this->hands('plug-at', ['device' => 'van-relay-1', 'point' => 'pantry-p1']);
        $this->hands('gesture', ['device' => 'van-relay-1', 'kind' => 'hold', 'seconds' => 4]);
        $this->pass(10);
        $address = (string) $this->siteJob()->nodes()->where('model', 'TW-RANGE-L')->value('address');
        $this->post('/jobs/lantern-house/slots/socket-relay-plug/node', ['address' => $address])->assertRedirect();
        $this->post($this->proposal('relay:pantry-p1 hub:store-p1').'/work')->assertSessionHasErrors('proposal');
        $this->travel(1)->minutes();
        $this->read(Protocol::Zigbee);

        $this->get('/jobs/lantern-house/mesh?lens=zigbee')->assertSeeInOrder([
            'What the proposal had promised', 'Promised', '0 lost', '1 thin', 'Read since', '0 lost', '1 thin',
        ]);
    }

    public function test_proposals_go_with_the_job_file(): void
    {
        $this->keep('relay:pantry-p1');
        $this->keep('hub:store-p1');
        $this->post($this->proposal('hub:store-p1').'/work');
        $file = app(Exporter::class)->export($this->siteJob());
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));

        self::assertCount(2, $file['meshProposals']);
        self::assertEquals($file['meshProposals'], app(Exporter::class)->export($copy)['meshProposals']);
        self::assertNotSame([], $file['meshReadings'][0]['asleep']);
        self::assertEquals($file['meshReadings'], app(Exporter::class)->export($copy)['meshReadings']);
    }

    public function test_that_the_hub_is_to_be_moved_is_a_snag_until_it_was(): void
    {
        $this->keep('hub:store-p1');
        $this->post($this->proposal('hub:store-p1').'/work')->assertRedirect('/jobs/lantern-house/mesh?lens=zigbee');

        $snags = $this->siteJob()->snags()->where('state', 'open');
        self::assertTrue($snags->where('text', 'like', 'Carry the hub to the % in the store, as the plan has it now%')->exists());
        $point = $this->siteJob()->points()->where('key', 'store-p1')->sole();
        $hub = $this->siteJob()->gateways()->firstOrFail();
        self::assertSame([$point->x, $point->y], [$hub->x, $hub->y]);
        $this->get('/jobs/lantern-house/mesh?lens=zigbee')->assertSee('Read the mesh again')->assertSee('The hub has been moved since.');
        $edit = $this->siteJob()->planEdits()->latest('id')->firstOrFail();
        $this->delete("/jobs/lantern-house/plan-edits/{$edit->id}");
        $this->get('/jobs/lantern-house/mesh?lens=zigbee')->assertDontSee('The hub has been moved since.');
    }

    public function test_a_wall_is_tried_as_another_one_and_asked_for_when_it_is_work(): void
    {
        $page = $this->tried('')->assertSee('Rebuild a wall');
        self::assertSame(1, preg_match('/value="(wall:[a-z0-9-]+=open)"/', (string) $page->getContent(), $found));
        $wall = $found[1] ?? '';
        $this->tried($wall)->assertSee('no wall: open')->assertSee('What is tried')->assertDontSee('Try it before anybody');
        $this->tried('wall:nobody=open')->assertSee('Try it before anybody climbs');
        $this->tried('wall:nobody=marble off:hall-relay=open')->assertSee('Try it before anybody climbs');

        $this->keep("{$wall} relay:pantry-p1")->assertSessionHasNoErrors();
        $this->post($this->proposal("{$wall} relay:pantry-p1").'/work')->assertSessionHasNoErrors();
        self::assertTrue($this->siteJob()->snags()->where('text', 'like', 'Ask whether the % may be rebuilt (no wall: open)%')->exists());
    }

    public function test_what_may_only_fail_is_no_work_and_not_more_than_four_stand_side_by_side(): void
    {
        foreach (['off:hall-relay', 'relay:pantry-p1', 'relay:bath-p1', 'relay:store-p1'] as $changes) {
            $this->keep($changes)->assertSessionHasNoErrors();
        }
        $this->keep('relay:boot-p1')->assertSessionHasErrors('proposal');
        $this->post($this->proposal('off:hall-relay').'/work')->assertSessionHasErrors('proposal');
        $this->tried('')->assertDontSee('Make A work')->assertSee('Make B work');
        $this->as('wren');
        $this->keep('relay:boot-p1')->assertForbidden();
        $this->tried('')->assertDontSee('Make B work')->assertSee('Show B');
        $this->delete($this->proposal('relay:pantry-p1'))->assertForbidden();
    }

    private function proposal(string $changes): string
    {
        $words = explode(' ', $changes);
        sort($words);
        $found = MeshProposal::query()->get()->first(static function (MeshProposal $one) use ($words): bool {
            $own = explode(' ', $one->changes);
            sort($own);

            return $own === $words;
        });

        return "/jobs/lantern-house/mesh-proposals/{$found?->key}";
    }

    /** @return TestResponse<Response> */
    private function keep(string $changes): TestResponse
    {
        return $this->post('/jobs/lantern-house/mesh-proposals', ['protocol' => 'zigbee', 'changes' => $changes]);
    }

    private function read(Protocol $protocol): void
    {
        $this->post('/jobs/lantern-house/mesh-readings', ['protocol' => $protocol->value]);
        $this->pass(10);
    }

    /** @return TestResponse<Response> */
    private function tried(string $at): TestResponse
    {
        return $this->get('/jobs/lantern-house/mesh?show=what-if&lens=zigbee&at='.urlencode($at));
    }
}
