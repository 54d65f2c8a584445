<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\JobFiles\Exporter;
use App\JobFiles\Importer;
use App\JobSheet\JobSheet;
use App\Models\Gateway;
use App\Models\JoinWindow;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use Tests\WithStandin;

/** A job with more than one hub: where each device goes, and why. */
final class SlotHubTest extends TestCase
{
    use WithStandin;

    private const HUB = '/jobs/lantern-house/slots/hall-relay/hub';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    public function test_where_a_job_has_one_hub_nothing_is_said_of_it(): void
    {
        $this->get('/jobs/lantern-house/pair')->assertDontSee('Goes to');
        $this->get('/jobs/lantern-house/pair?slot=hall-relay')->assertDontSee('Goes to')->assertDontSee('Send it to another hub');
    }

    public function test_of_two_that_open_its_windows_a_device_goes_to_the_nearer_and_says_why(): void
    {
        $this->shed();
        $this->get('/jobs/lantern-house/pair?next=hall-relay')
            ->assertSeeInOrder([
                'Pair the ceiling relay', 'Goes to', 'Shed hub', 'Of 2 hubs that open Zigbee windows it stands nearest, 0.0 m away.',
            ]);
        $this->get('/jobs/lantern-house/pair?next=roof-contact&slot=hall-relay')->assertSee('it stands nearest, 0.0 m away');

        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect();
        self::assertSame('shed', JoinWindow::query()->sole()->gateway->key);
    }

    public function test_a_person_sends_it_to_another_and_back(): void
    {
        $this->shed();
        $before = $this->siteJob()->plan_version;
        $this->put(self::HUB, ['hub' => $this->first()->key, 'station' => 'pair'])
            ->assertRedirect('/jobs/lantern-house/pair?slot=hall-relay');
        self::assertTrue($this->logged("The ceiling relay goes to {$this->first()->name}."));
        self::assertSame($before + 1, $this->siteJob()->plan_version, 'its forecast leads elsewhere now');
        $this->get('/jobs/lantern-house/pair?next=hall-relay')->assertSee('Somebody chose it for this device.');
        $this->get('/jobs/lantern-house/pair?slot=hall-relay')
            ->assertSee('Send it to another hub')
            ->assertSee('<option value="'.$this->first()->key.'" selected>', false);

        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect();
        self::assertSame($this->first()->key, JoinWindow::query()->sole()->gateway->key);
        JoinWindow::query()->sole()->update(['state' => 'ended']);

        $this->put(self::HUB, ['hub' => '', 'station' => 'pair'])->assertRedirect();
        self::assertTrue($this->logged('The ceiling relay goes to the hub that suits it.'));
        self::assertSame('shed', JobSheet::of($this->siteJob())->cards['hall-relay']->hub?->key());
    }

    public function test_one_that_opens_no_windows_puts_the_device_among_those_paired_by_hand(): void
    {
        $this->shed()->update(['url' => null]);
        $this->put(self::HUB, ['hub' => 'shed', 'station' => 'pair'])->assertRedirect();

        $this->get('/jobs/lantern-house/pair?slot=hall-relay')->assertSee('Shed hub (paired at the hub itself)');
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])
            ->assertSessionHasErrors(['slot' => 'No hub of this job opens a window for the ceiling relay over its link. Pair it at its own '
                .'controller, and write it down here.']);
        $this->post('/jobs/lantern-house/slots/hall-relay/hand-pairing', ['address' => 'A1'])->assertSessionHasNoErrors();
        self::assertSame('shed', $this->slot('hall-relay')->node?->gateway?->key);
    }

    public function test_a_device_that_is_in_has_to_leave_before_it_goes_elsewhere(): void
    {
        $this->pairHallRelay();
        $this->shed();
        $this->put(self::HUB, ['hub' => 'shed', 'station' => 'pair'])
            ->assertSessionHasErrors([
                'hub' => "The ceiling relay is in the network of {$this->first()->name}. Take it out of the network there, then send it "
                    .'to the other.',
            ]);
        $this->get('/jobs/lantern-house/pair?slot=hall-relay')->assertDontSee('Send it to another hub');
        $this->post('/jobs/lantern-house/slots/hall-relay/departure')->assertRedirect();
        $this->listen();

        self::assertSame('left', $this->slot('hall-relay')->node?->state);
        self::assertSame('shed', JobSheet::of($this->siteJob())->cards['hall-relay']->hub?->key(), 'its next pairing is there');
    }

    public function test_while_its_window_is_open_it_stays(): void
    {
        $this->shed();
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect();
        $this->as('idris')->put(self::HUB, ['hub' => $this->first()->key, 'station' => 'pair'])
            ->assertSessionHasErrors(['hub' => 'A window is open for the ceiling relay. Close it, then send it to the other hub.']);

        self::assertNull($this->slot('hall-relay')->gateway_id);
    }

    /** @param array<string, string> $asked */
    #[DataProvider('wrong')]
    public function test_what_is_no_hub_for_it_is_refused_with_the_reason(array $asked, string $error): void
    {
        $this->shed()->networks()->where('protocol', Protocol::Zigbee)->update(['protocol' => Protocol::Rf433]);
        $this->put(self::HUB, ['station' => 'pair', ...$asked])->assertSessionHasErrors(['hub' => $error]);

        self::assertNull($this->slot('hall-relay')->gateway_id);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield 'another radio' => [
            ['hub' => 'shed'],
            'Shed hub does not speak Zigbee. Where it does, say so under “Radio” of the survey first.',
        ];
        yield 'of another job' => [['hub' => 'court'], 'The hub is not there any more. Open the page again.'];
    }

    public function test_the_office_looks_and_does_not_choose(): void
    {
        $this->shed();
        $this->as('wren')->put(self::HUB, ['hub' => 'shed', 'station' => 'pair'])->assertForbidden();
    }

    public function test_the_choice_travels_in_the_job_file(): void
    {
        $this->shed();
        $this->put(self::HUB, ['hub' => 'shed', 'station' => 'pair'])->assertRedirect();
        $file = app(Exporter::class)->export($this->siteJob());
        $copy = app(Importer::class)->import(JobFile::parse((string) json_encode($file)));

        self::assertSame('shed', $copy->slots()->where('key', 'hall-relay')->firstOrFail()->gateway?->key);
    }

    public function test_a_match_closes_the_window_of_its_own_radio_only(): void
    {
        $this->as('idris')->post('/jobs/lantern-house/windows', ['slot' => $this->ofRadio(Protocol::ZWave)])->assertRedirect();
        $this->as('mara');
        $this->pairHallRelay();
        $this->listen();

        $open = JoinWindow::query()->whereIn('state', JoinWindow::UNDER_WAY)->sole();
        self::assertSame(Protocol::ZWave, $open->protocol);
        self::assertNotNull($open->slot_id);
    }

    private function first(): Gateway
    {
        return $this->siteJob()->gateways()->orderBy('id')->firstOrFail();
    }

    /** A second hub, right where the ceiling relay is, that opens the same windows. */
    private function shed(): Gateway
    {
        $first = $this->first();
        $shed = Gateway::query()->create([
            ...$first->only(['site_job_id', 'storey_id', 'url', 'token']),
            ...$this->slot('hall-relay')->only(['x', 'y', 'z']),
            'key' => 'shed', 'name' => 'Shed hub',
        ]);
        $shed->networks()->create(['site_job_id' => $first->site_job_id, 'protocol' => Protocol::Zigbee, 'linked' => true]);

        return $shed;
    }

    private function ofRadio(Protocol $protocol): string
    {
        foreach (JobSheet::of($this->siteJob())->cards as $card) {
            if ($card->profile->protocol === $protocol && ! $card->isIn()) {
                return $card->key();
            }
        }
        self::fail("The demo has no open slot of {$protocol->title()}.");
    }
}
