<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobSheet\JobSheet;
use App\Models\Node;
use Kavvel\Core\Proving\Rung;
use Kavvel\Core\Proving\Standing;
use Tests\TestCase;
use Tests\WithStandin;

final class ProofTest extends TestCase
{
    use WithStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_a_failed_proof_shows_its_reason_and_raises_a_snag(): void
    {
        $this->post('/jobs/lantern-house/slots/freezer/proofs', [
            'rung' => 'hand', 'outcome' => 'failed', 'reason' => 'the lid frosts over',
        ])->assertRedirect();

        self::assertSame(Standing::Fault, $this->standing('freezer'));
        $this->get('/jobs/lantern-house/survey?slot=freezer')->assertSee('the lid frosts over');
        $this->get('/jobs/lantern-house/snags')->assertSee('the lid frosts over');
    }

    public function test_a_proof_is_taken_back_with_a_reason_and_stays_in_the_record(): void
    {
        $slot = $this->slot('chart-dimmer');
        self::assertSame(Standing::Proved, $this->standing('chart-dimmer'));
        $this->htmx('DELETE', '/jobs/lantern-house/slots/chart-dimmer/proofs', ['rung' => 'hub', 'reason' => ''])->assertStatus(422);
        $this->delete('/jobs/lantern-house/slots/chart-dimmer/proofs', ['rung' => 'hub', 'reason' => 'the scene was changed'])
            ->assertRedirect();

        self::assertSame(Standing::In, $this->standing('chart-dimmer'));
        self::assertSame(1, $slot->proofResults()->where('rung', 'hub')->where('withdrawn_because', 'the scene was changed')->count());
        $this->get('/jobs/lantern-house/survey?slot=chart-dimmer')->assertSee('the scene was changed');
    }

    public function test_a_proof_belongs_to_the_node_that_showed_it(): void
    {
        $address = $this->pairHallRelay();
        $this->post('/jobs/lantern-house/slots/hall-relay/proofs', ['rung' => 'hand', 'outcome' => 'passed']);
        self::assertTrue($this->isShown('hall-relay', Rung::Hand));
        $this->delete('/jobs/lantern-house/slots/hall-relay/node')->assertRedirect();
        self::assertFalse($this->isShown('hall-relay', Rung::Hand));
        self::assertSame(2, $this->slot('hall-relay')->proofResults()->count(), 'the old proofs stay in the record');
        $this->post('/jobs/lantern-house/slots/hall-relay/node', ['address' => $address])->assertRedirect();

        self::assertFalse($this->isShown('hall-relay', Rung::Hand), 'what was taken away starts anew');
    }

    public function test_a_device_that_left_counts_as_out_and_can_be_paired_again(): void
    {
        $address = $this->pairHallRelay();
        $this->listen();
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'hold', 'seconds' => 10]);
        $this->listen();
        self::assertSame(Node::LEFT, $this->slot('hall-relay')->node?->state);
        $this->get('/jobs/lantern-house/pair')->assertSee('18 of 66 in');
        $this->get('/jobs/lantern-house/pair?next=hall-relay')->assertSee('Pair the ceiling relay')->assertSee('Open the');
        $this->hands('advance', ['seconds' => 5]);
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect();
        $this->hands('gesture', ['device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        $this->pass(10);

        self::assertSame('joined', $this->siteJob()->nodes()->where('address', $address)->value('state'));
        $this->get('/jobs/lantern-house/pair?next=chart-lamp')->assertSee('19 of 66 in');
    }

    private function standing(string $key): ?Standing
    {
        return JobSheet::of($this->siteJob())->card($key)?->standing();
    }

    private function isShown(string $key, Rung $rung): bool
    {
        return JobSheet::of($this->siteJob())->card($key)?->ladder->proof($rung) !== null;
    }
}
