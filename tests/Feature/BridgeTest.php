<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobFiles\Exporter;
use App\JobFiles\Importer;
use App\Models\JoinWindow;
use App\Models\Node;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\JobFile\JobFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;
use Tests\WithStandin;

/** A Matter bridge, and what comes in behind it. */
final class BridgeTest extends TestCase
{
    use WithStandin;

    private const PAIR = '/jobs/lantern-house/pair';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_before_the_bridge_is_in_its_devices_send_there(): void
    {
        $this->get(self::PAIR.'?next=desk-left')
            ->assertSee('Nothing behind the bridge can be seen before the bridge itself is in.')
            ->assertSee('data-move="bridge-rack-bridge"', false)
            ->assertSee('next=rack-bridge');
        $this->post('/jobs/lantern-house/windows', ['slot' => 'desk-left'])
            ->assertSessionHasErrors([
                'slot' => 'The desk left lamp has no window: it comes in behind its bridge. Pair the bridge, then say which it is.',
            ]);
        self::assertSame(0, JoinWindow::query()->count());
    }

    public function test_the_bridge_comes_in_and_what_is_behind_it_is_found_by_name(): void
    {
        $this->pairBridge();
        $this->get(self::PAIR.'?slot=rack-bridge')
            ->assertSeeInOrder(['Behind it', '3 are expected behind it: 3 found, 1 of them does not answer.', 'Desk left lamp']);
        $this->get(self::PAIR.'?next=desk-right')
            ->assertSee('Which is the desk right lamp?')
            ->assertSeeInOrder(['Desk right lamp', 'LN-LAMP', 'It answers.', 'Yes, the desk right lamp', 'Or is it', 'Desk left lamp']);

        $this->match('desk-right')->assertSessionHasNoErrors();
        $slot = $this->slot('desk-right');
        self::assertSame('Desk right lamp', $slot->node?->label);
        self::assertSame(['radio'], $slot->proofResults()->pluck('rung')->map->value->all());
        $this->get(self::PAIR.'?next=desk-left')
            ->assertSee('Yes, the desk left lamp')
            ->assertDontSee('Desk right lamp, LN-LAMP');
    }

    public function test_one_that_does_not_answer_is_taken_as_a_snag_and_proved_when_it_speaks(): void
    {
        $this->pairBridge();
        $this->get(self::PAIR.'?next=guest-climate')->assertSee('It does not answer: look at its power or battery first.');
        $this->match('guest-climate')->assertSessionHasNoErrors();
        $slot = $this->slot('guest-climate');
        self::assertSame([], $slot->proofResults()->get()->all(), 'nobody has heard it');
        self::assertStringContainsString('does not answer behind its bridge', (string) $slot->snags()->value('text'));
        $this->get(self::PAIR.'?slot=guest-climate')->assertSee('It does not answer behind its bridge');

        $this->hands('power', ['device' => 'guest-climate', 'kind' => 'online']);
        $this->hands('trigger', ['device' => 'guest-climate']);
        $this->listen();
        self::assertTrue($slot->node?->refresh()->is_reachable);
        self::assertTrue($this->logged('The bedside climate sensor answers behind its bridge.'));
        self::assertContains('radio', $slot->proofResults()->pluck('rung')->map->value->all());
    }

    public function test_two_alike_without_a_name_are_told_apart_by_a_trigger(): void
    {
        $this->pairBridge();
        Node::query()->whereNotNull('via')->update(['label' => null]);
        $this->hands('trigger', ['device' => 'desk-left']);
        $this->listen();

        $this->get(self::PAIR.'?next=desk-left')
            ->assertSee('Nothing tells these apart. Trigger the device')
            ->assertSee('spoke ')
            ->assertDontSee('id="big"', false);
    }

    public function test_one_that_the_bridge_does_not_have_yet_shows_by_itself(): void
    {
        $this->pairBridge();
        Node::query()->whereNotNull('via')->where('model', 'LN-CLIMATE')->delete();
        Node::query()->where('model', 'LN-LAMP')->update(['state' => Node::LEFT]);
        $this->get(self::PAIR.'?next=guest-climate')
            ->assertSee('Not behind the bridge yet')
            ->assertSee('What is missing is paired with the bridge in its own app first.');

        $this->post('/jobs/lantern-house/hubs/hub/nodes', ['slot' => 'guest-climate'])->assertRedirect(self::PAIR.'?next=guest-climate');
        $this->listen();
        $this->get(self::PAIR.'?next=guest-climate')->assertSee('Which is the bedside climate sensor?');
    }

    public function test_while_the_hub_is_unplugged_nothing_is_chosen(): void
    {
        $this->pairBridge();
        $this->gatewayIsAway();
        $this->listen();
        $this->get(self::PAIR.'?next=desk-left')->assertSee('Waits for the hub')->assertDontSee('Yes, the desk left lamp');
    }

    /** @param array{string, string} $pair slot and device */
    #[DataProvider('wrong')]
    public function test_the_wrong_device_is_refused_with_the_way_out(array $pair, string $reason): void
    {
        $this->pairBridge();
        $this->match(...$pair)->assertSessionHasErrors('address');

        self::assertStringContainsString($reason, session('errors')->first('address'));
        self::assertNull($this->slot($pair[0])->node_id);
    }

    /** @return iterable<string, array{array{string, string}, string}> */
    public static function wrong(): iterable
    {
        yield 'one behind the bridge for a slot at the hub' => [['chart-socket', 'desk-left'], 'match it to a slot behind that bridge'];
        yield 'one at the hub for a slot behind the bridge' => [['desk-left', 'rack-bridge'], 'is the rack bridge box already'];
    }

    public function test_two_people_who_take_one_device_are_one_match_and_one_refusal(): void
    {
        $this->pairBridge();
        $this->match('desk-left')->assertSessionHasNoErrors();
        $this->as('idris')->match('desk-right', 'desk-left')->assertSessionHasErrors('address');
    }

    public function test_what_is_behind_it_leaves_with_the_bridge_and_not_alone(): void
    {
        $this->pairBridge();
        $this->match('desk-left');
        $this->post('/jobs/lantern-house/slots/desk-left/departure')
            ->assertSessionHasErrors([
                'slot' => 'The desk left lamp is taken out at its bridge, in the bridge’s own app. It leaves here by itself then.',
            ]);
        $this->get(self::PAIR.'?slot=desk-left')->assertDontSee('Take it out of the network')->assertSee('It is taken out there');
        $this->get(self::PAIR.'?slot=rack-bridge')->assertSee('One device reaches the hub');

        $this->post('/jobs/lantern-house/slots/rack-bridge/departure')->assertSessionHasNoErrors();
        $this->listen();
        self::assertSame(Node::LEFT, $this->slot('desk-left')->node?->state);
    }

    public function test_the_plan_says_behind_which_bridge_a_device_comes_in(): void
    {
        $this->get('/jobs/lantern-house/forms/slots/desk-left')->assertSee('behind the rack bridge box');
        $form = $this->form();
        $this->put('/jobs/lantern-house/slots/desk-left', [...$form, 'behind' => ''])->assertSessionHasErrors([
            'behind' => 'The Lamp behind a bridge comes in behind a bridge only: plan its bridge, and say that it is behind it.',
        ]);
        $this->put('/jobs/lantern-house/slots/desk-left', [...$form, 'profile' => 'mt-plug', 'behind' => ''])->assertSessionHasNoErrors();
        self::assertNull($this->slot('desk-left')->behind_id);

        $again = ['lock_version' => $this->slot('desk-left')->lock_version];
        $this->put('/jobs/lantern-house/slots/desk-left', [...$form, ...$again, 'behind' => 'hall-relay'])
            ->assertSessionHasErrors(['behind' => 'There is no such bridge on the plan any more. Open the page again.']);
        $this->put('/jobs/lantern-house/slots/desk-left', [...$form, ...$again, 'profile' => 'zb-lamp', 'behind' => 'rack-bridge'])
            ->assertSessionHasErrors(['behind' => 'Behind a bridge a device comes in over Matter: choose a Matter profile for it.']);
    }

    public function test_it_travels_in_the_job_file(): void
    {
        $this->pairBridge();
        $this->match('desk-left');
        $file = app(Exporter::class)->export($this->siteJob());
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));
        $slot = $copy->slots()->where('key', 'desk-left')->firstOrFail();

        self::assertSame('rack-bridge', $slot->behind?->key);
        self::assertSame($slot->behind->node?->address, $slot->node?->via);
        self::assertFalse($copy->nodes()->where('model', 'LN-CLIMATE')->firstOrFail()->is_reachable);
    }

    private function pairBridge(): void
    {
        $sticker = (string) $this->house()->devices['rack-bridge']->code?->code->spelling();
        $this->post('/jobs/lantern-house/slots/rack-bridge/code', ['code' => $sticker])->assertSessionHasNoErrors();
        $this->post('/jobs/lantern-house/windows', ['slot' => 'rack-bridge'])->assertSessionHasNoErrors();
        $this->hands('gesture', ['device' => 'rack-bridge', 'kind' => 'power-on']);
        $this->pass(20);
        $this->match('rack-bridge')->assertSessionHasNoErrors();
        $this->pass(5);
    }

    /** @return TestResponse<Response> */
    private function match(string $slot, ?string $device = null): TestResponse
    {
        return $this->post("/jobs/lantern-house/slots/{$slot}/node", ['address' => $this->house()->devices[$device ?? $slot]->address]);
    }

    /** @return array<string, mixed> */
    private function form(): array
    {
        $slot = $this->slot('desk-left');

        return [
            'place' => $slot->place, 'what' => $slot->what, 'room' => 'log', 'profile' => 'mt-lamp', 'x' => $slot->x, 'y' => $slot->y,
            'height' => 0.8, 'mounting' => 'surface', 'feed' => '', 'note' => '', 'lock_version' => $slot->lock_version,
            'station' => 'survey',
        ];
    }
}
