<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gateway;
use App\Models\Node;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Radios whose windows are opened at a controller of their own: what was done there is written down here. */
final class HandPairingTest extends TestCase
{
    private const CONTACT = '/jobs/lantern-house/slots/kitchen-window/hand-pairing';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->radiosAreByHand(Protocol::ZWave, Protocol::Thread, Protocol::Matter, Protocol::Wifi, Protocol::BluetoothLe);
    }

    public function test_a_device_paired_elsewhere_is_written_down_with_its_address(): void
    {
        $this->get('/jobs/lantern-house/pair?slot=kitchen-window')
            ->assertSee('Put in by hand')
            ->assertSee('No hub opens a window for Z-Wave over its link.');
        $this->post(self::CONTACT, ['address' => ' node  7 ', 'station' => 'pair'])
            ->assertRedirect('/jobs/lantern-house/pair?slot=kitchen-window');
        $slot = $this->slot('kitchen-window');

        self::assertSame(['node 7', Protocol::ZWave, 'HF-MAG-Z', 'joined'], [
            $slot->node?->address, $slot->node?->protocol, $slot->node?->model, $slot->node?->state,
        ]);
        self::assertSame(AttemptState::Joined, $slot->pairAttempts()->latest('id')->firstOrFail()->state);
        self::assertSame(0, $slot->proofResults()->count(), 'nobody was heard: no rung is shown');
        self::assertTrue($this->logged('Recorded by hand: the window contact is in as node 7.'));
        $this->get('/jobs/lantern-house/pair?slot=kitchen-window')->assertDontSee('Put in by hand')->assertSee('node 7');
        $this->get('/jobs/lantern-house/pair')->assertSee('19 of 66 in');
    }

    public function test_the_address_of_one_device_is_not_taken_for_another(): void
    {
        $this->post(self::CONTACT, ['address' => 'node 7'])->assertRedirect();

        $this->htmx('POST', '/jobs/lantern-house/slots/keeper-window/hand-pairing', ['address' => 'node 7'])
            ->assertStatus(422)
            ->assertSee('node 7 is the window contact already.');
        $this->htmx('POST', self::CONTACT, ['address' => 'node 8'])->assertStatus(422)->assertSee('has a device already');
        self::assertSame('node 7', $this->slot('kitchen-window')->node?->address);
    }

    public function test_two_people_with_one_address_at_one_moment_are_told_so(): void
    {
        $gateway = $this->siteJob()->gateways()->firstOrFail();
        Node::creating(static function (Node $node) use ($gateway): void {
            DB::table('nodes')->insertOrIgnore([
                'company_id' => $gateway->company_id, 'site_job_id' => $gateway->site_job_id, 'gateway_id' => $gateway->id,
                'protocol' => 'zwave', 'address' => $node->address, 'capabilities' => '[]', 'state' => 'joined',
            ]);
        });

        $this->htmx('POST', self::CONTACT, ['address' => 'node 7'])
            ->assertStatus(422)
            ->assertSee('Somebody else wrote down node 7 at this very moment.');
        self::assertNull($this->slot('kitchen-window')->node_id);
    }

    public function test_after_a_mistake_the_node_is_taken_away_and_written_down_again(): void
    {
        $this->post(self::CONTACT, ['address' => 'node 7']);
        $this->delete('/jobs/lantern-house/slots/kitchen-window/node')->assertRedirect();
        $this->get('/jobs/lantern-house/pair')->assertDontSee('node 7');
        $this->post('/jobs/lantern-house/slots/keeper-window/hand-pairing', ['address' => 'node 7'])->assertRedirect();

        self::assertSame('node 7', $this->slot('keeper-window')->node?->address);
        self::assertSame(1, Node::query()->where('address', 'node 7')->count());
    }

    #[DataProvider('mistakes')]
    public function test_a_mistake_is_said_in_words(string $slot, string $address, string $message): void
    {
        $this->htmx('POST', "/jobs/lantern-house/slots/{$slot}/hand-pairing", ['address' => $address])
            ->assertStatus(422)
            ->assertSee($message);

        self::assertNull($this->slot($slot)->node_id);
    }

    /** @return array<string, array{string, string, string}> */
    public static function mistakes(): array
    {
        return [
            'nothing' => ['kitchen-window', '', 'Give its address as its controller shows it'],
            'not an address' => ['kitchen-window', '<b>', 'letters, digits, spaces'],
            'far too long' => ['kitchen-window', str_repeat('7', 41), 'Don’t put a code here'],
            'a Zigbee device has a window' => ['hall-relay', 'node 7', 'The hub opens a window for the ceiling relay'],
            'a Zigbee address' => ['kitchen-window', '02A7C30000000101', '02A7C30000000101 is the ceiling dimmer already.'],
        ];
    }

    public function test_its_rungs_are_climbed_by_what_a_person_sees_at_its_controller(): void
    {
        $towel = '/jobs/lantern-house/survey?slot=towel';
        $this->get($towel)
            ->assertSee('It works from its controller')
            ->assertDontSee('Switch it from the hub')
            ->assertDontSee('the rung is shown when the hub hears it');
        $this->htmx('POST', '/jobs/lantern-house/slots/towel/proof-commands')
            ->assertStatus(422)
            ->assertSee('Switch it from its own controller');
        $this->post(self::CONTACT, ['address' => 'node 7']);
        $this->get('/jobs/lantern-house/survey?slot=kitchen-window')->assertSee('Its controller hears it');
        $this->post('/jobs/lantern-house/slots/kitchen-window/proofs', ['rung' => 'radio', 'outcome' => 'passed', 'station' => 'survey'])
            ->assertRedirect();

        self::assertSame(['radio'], $this->slot('kitchen-window')->proofResults()->pluck('rung')->map->value->all());
    }

    public function test_a_job_that_has_lost_its_link_is_paired_by_hand_too(): void
    {
        Gateway::query()->whereNotNull('url')->update(['url' => null]);

        $this->get('/jobs/lantern-house/pair')->assertSee('Pair the ceiling relay')->assertDontSee('Open the join window');
        $this->post('/jobs/lantern-house/slots/hall-relay/hand-pairing', ['address' => 'device 1'])->assertRedirect();
        self::assertSame('device 1', $this->slot('hall-relay')->node?->address);
    }

    public function test_a_job_without_a_linked_gateway_is_paired_by_hand_one_after_the_other(): void
    {
        $this->get('/jobs/calico-court/pair')->assertSee('No hub is linked to this job.')->assertSee('8 to put in by hand');
        foreach ($this->siteJob('calico-court')->slots()->pluck('key') as $number => $key) {
            $this->post("/jobs/calico-court/slots/{$key}/hand-pairing", ['address' => "device {$number}"])->assertRedirect();
        }

        $this->get('/jobs/calico-court/pair')->assertSee('Every device is in')->assertSee('On to names');
    }
}
