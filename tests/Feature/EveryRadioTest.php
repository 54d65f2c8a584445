<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\MeshReading;
use App\Models\RadioLink;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Protocol\Protocol;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use Tests\WithStandin;

/** Every radio of a house is read, each with a lens of its own. */
final class EveryRadioTest extends TestCase
{
    use WithStandin;

    private const MESH = '/jobs/lantern-house/mesh';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->startStandin();
    }

    #[DataProvider('radios')]
    public function test_a_radio_is_read_and_judged_on_its_own(Protocol $protocol): void
    {
        $this->get($this->lens($protocol))->assertSee("{$protocol->title()} device")->assertSee('Ask the hub who hears whom');
        $this->read($protocol)->assertRedirect($this->lens($protocol));
        $this->get($this->lens($protocol))->assertSee("The hub asks who hears whom over {$protocol->title()}");
        $this->pass(10);
        $reading = MeshReading::query()->sole();

        self::assertSame(['done', $protocol], [$reading->state, $reading->protocol]);
        $in = $this->siteJob()->nodes()->where('protocol', $protocol)->whereHas('slot')->count();
        self::assertSame($in, $reading->accepted + $reading->thin + $reading->lost);
        $this->get($this->lens($protocol))->assertSee('What the reading says');
        $this->get($this->lens(Protocol::Zigbee))->assertSee('11 Zigbee devices are in');
        self::assertTrue($this->logged("{$protocol->title()} read:"));
    }

    /** @return iterable<string, array{Protocol}> */
    public static function radios(): iterable
    {
        foreach ([Protocol::ZWave, Protocol::Thread, Protocol::BluetoothLe, Protocol::Wifi] as $protocol) {
            yield $protocol->title() => [$protocol];
        }
    }

    public function test_the_page_begins_where_something_is_to_be_done_and_leads_on_from_radio_to_radio(): void
    {
        $this->get(self::MESH)->assertSee('11 Zigbee devices are in')->assertSeeInOrder(['Zigbee', 'Z-Wave', 'Thread']);
        $this->read(Protocol::ZWave);
        $this->get(self::MESH)->assertSee('The hub asks who hears whom over Z-Wave');
        $this->pass(10);
        $this->get(self::MESH)->assertSee('11 Zigbee devices are in');
        $this->get($this->lens(Protocol::ZWave))->assertSee('On to Zigbee');
    }

    public function test_the_ways_that_a_z_wave_hub_goes_stand_beside_the_best(): void
    {
        $this->read(Protocol::ZWave);
        $this->pass(10);
        $this->get($this->lens(Protocol::ZWave))->assertSee('The ways that the hub goes')
            ->assertDontSee('Have the hub look for its ways anew');
        $this->read(Protocol::Thread);
        $this->pass(10);
        $this->get($this->lens(Protocol::Thread))->assertDontSee('The ways that the hub goes');

        $lock = (string) $this->slot('front-lock')->node?->address;
        $switch = (string) $this->slot('landing-switch')->node?->address;
        $reading = MeshReading::query()->where('protocol', 'zwave')->sole();
        self::assertArrayHasKey(" {$lock}", $reading->routes ?? []);
        $reading->update(['routes' => [" {$lock}" => ['02C0FFEE'], " {$switch}" => []]]);
        $this->get($this->lens(Protocol::ZWave))->assertSee('is not heard there')->assertSee('Have the hub look for its ways anew')
            ->assertSee('broken');
    }

    public function test_a_radio_of_which_nothing_is_in_has_nothing_to_read(): void
    {
        $this->get($this->lens(Protocol::Matter))->assertSee('No Matter device is in yet')->assertDontSee('Read its links');
        $this->read(Protocol::Infrared)->assertSessionHasErrors('protocol');
        $this->siteJob()->networks()->where('protocol', 'wifi')->update(['linked' => false]);
        $this->get($this->lens(Protocol::Wifi))->assertSee('No hub reads Wi-Fi over a link')->assertDontSee('Read its links');
        $this->read(Protocol::Wifi)->assertSessionHasErrors('reading');
    }

    public function test_what_sleeps_is_named_until_it_wakes_and_then_counts_at_once(): void
    {
        $this->read(Protocol::Zigbee);
        $this->pass(10);
        $reading = MeshReading::query()->sole();
        $address = (string) $this->slot('store-contact')->node?->address;
        self::assertContains($address, $reading->asleep ?? []);
        self::assertSame(0, $this->linksOf($address)->whereNotNull('margin_back_db')->count());
        $page = $this->get($this->lens(Protocol::Zigbee))->assertSee('devices sleep, and have not said what they hear');
        $before = substr_count((string) $page->content(), $this->slot('store-contact')->title());

        $this->hands('trigger', ['device' => 'store-contact']);
        $this->listen();
        $this->listen();
        self::assertNotContains($address, $reading->refresh()->asleep ?? []);
        self::assertSame(0, $this->linksOf($address)->whereNull('margin_back_db')->count());
        self::assertFalse($reading->more_due);
        self::assertSame($before - 1, substr_count(
            (string) $this->get($this->lens(Protocol::Zigbee))->content(),
            $this->slot('store-contact')->title(),
        ));
        self::assertSame(1, MeshReading::query()->count(), 'it belongs to the same reading');
    }

    public function test_a_router_whose_supply_is_switched_off_is_lost_in_the_next_reading(): void
    {
        $this->read(Protocol::Zigbee);
        $this->pass(10);
        $first = MeshReading::query()->sole();
        $this->hands('mains', ['device' => 'signal-plug', 'kind' => 'off']);
        $this->read(Protocol::Zigbee);
        $this->pass(10);
        $second = MeshReading::query()->latest('id')->firstOrFail();

        self::assertGreaterThan($first->lost, $second->lost);
        $this->get($this->lens(Protocol::Zigbee))->assertSee(ucfirst($this->slot('signal-plug')->title()))->assertSee('no link');
    }

    public function test_the_next_reading_stands_beside_the_one_before_and_says_what_got_worse_since_when(): void
    {
        $this->read(Protocol::Zigbee);
        $this->pass(10);
        $this->get($this->lens(Protocol::Zigbee))->assertDontSee('Since the reading before');
        $this->read(Protocol::Zigbee);
        $this->pass(10);
        $this->get($this->lens(Protocol::Zigbee))
            ->assertSeeInOrder(['Since the reading before', '2 lost', '2 lost', 'Nothing that matters']);

        $this->hands('mains', ['device' => 'signal-plug', 'kind' => 'off']);
        $this->read(Protocol::Zigbee);
        $this->pass(10);
        $this->get($this->lens(Protocol::Zigbee))->assertSeeInOrder([
            'Since the reading before', '2 lost', '3 lost', 'Rack plug', 'accepted, now lost',
        ])->assertSee('is-worse', false)->assertDontSee('now gone');
        RadioLink::query()->where('mesh_reading_id', MeshReading::query()->max('id'))->where('a', 'gateway')
            ->where('b', $this->slot('chart-dimmer')->node?->address)->update(['margin_db' => 5, 'margin_back_db' => 5]);
        $this->siteJob()->touchLive();
        $this->get($this->lens(Protocol::Zigbee))->assertSeeInOrder(['Hub – ceiling dimmer', 'since', 'now 5 dB']);

        $this->hands('mains', ['device' => 'signal-plug', 'kind' => 'on']);
        $this->read(Protocol::Zigbee);
        $this->pass(10);
        $this->get($this->lens(Protocol::Zigbee))->assertSeeInOrder(['Rack plug', 'lost, now accepted'])->assertDontSee('now gone');
    }

    public function test_what_came_in_since_the_reading_before_is_new_and_was_not_lost(): void
    {
        $this->read(Protocol::Zigbee);
        $this->pass(10);
        $this->pairHallRelay();
        $this->read(Protocol::Zigbee);
        $this->pass(10);

        $this->get($this->lens(Protocol::Zigbee))->assertSeeInOrder(['Since the reading before', 'Freezer probe', 'lost, now thin'])
            ->assertSeeInOrder(['Ceiling relay', 'new, accepted']);
    }

    public function test_what_talks_to_its_hub_alone_gets_another_place_and_no_relay(): void
    {
        $this->read(Protocol::BluetoothLe);
        $this->pass(10);
        RadioLink::query()->update(['margin_db' => 8, 'margin_back_db' => 8]);
        $this->siteJob()->meshReadings()->update(['accepted' => 0, 'thin' => 1]);

        $this->get($this->lens(Protocol::BluetoothLe))->assertSee('It talks to its hub alone')->assertDontSee('relay at the socket');
    }

    public function test_wifi_is_accepted_from_what_an_access_point_needs(): void
    {
        $this->read(Protocol::Wifi);
        $this->pass(10);
        $reading = MeshReading::query()->sole();
        foreach ([[7.0, 'Every device has an accepted path'], [6.9, 'is thin'], [5.9, 'is lost']] as [$margin, $words]) {
            RadioLink::query()->update(['margin_db' => $margin, 'margin_back_db' => $margin]);
            $this->siteJob()->touchLive();
            $this->get($this->lens(Protocol::Wifi))->assertSee($words);
        }
        self::assertSame(1, $reading->accepted + $reading->thin + $reading->lost);
    }

    public function test_a_second_person_who_reads_another_radio_waits_for_the_first(): void
    {
        $this->read(Protocol::Zigbee);
        $this->as('idris');
        $this->read(Protocol::Thread)->assertSessionHasNoErrors();

        self::assertSame(1, MeshReading::query()->count());
        $this->get($this->lens(Protocol::Thread))->assertSee('The hub asks who hears whom over Zigbee');
    }

    public function test_a_hub_that_is_unplugged_in_the_middle_of_a_reading_says_so_at_its_own_radio(): void
    {
        $this->read(Protocol::Thread);
        $this->hands('advance', ['seconds' => 0.4]);
        $this->listen();
        $this->hands('unplug');
        $this->listen();
        $this->get($this->lens(Protocol::Thread))->assertSee('Waits for the hub')->assertDontSee('Read the mesh</button>', false);
        $this->hands('plug-in');
        $this->hands('boot', ['epoch' => 'second']);
        $this->listen();

        $this->get($this->lens(Protocol::Thread))->assertSee('The last reading did not end: The hub restarted.');
        $this->get($this->lens(Protocol::Zigbee))->assertDontSee('The last reading did not end');
        $this->read(Protocol::Thread);
        $this->pass(10);
        $this->get($this->lens(Protocol::Thread))->assertSee('What the reading says');
    }

    /** @return TestResponse<Response> */
    private function read(Protocol $protocol): TestResponse
    {
        return $this->post('/jobs/lantern-house/mesh-readings', ['protocol' => $protocol->value]);
    }

    private function lens(Protocol $protocol): string
    {
        return self::MESH."?lens={$protocol->value}";
    }

    /** @return Builder<RadioLink> */
    private function linksOf(string $address): Builder
    {
        return RadioLink::query()->where(static fn (Builder $any): Builder => $any->where('a', $address)->orWhere('b', $address));
    }
}
