<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Network;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Kavvel\Core\Protocol\Protocol;
use Tests\TestCase;

/** Listening for Wi-Fi, and choosing a channel beside it. */
final class ChannelsTest extends TestCase
{
    private const FLAT = '/jobs/calico-court';

    private const LENS = self::FLAT.'/survey?lens=channels';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_the_band_is_drawn_and_the_quietest_channel_is_offered_with_its_reason(): void
    {
        $this->get(self::LENS)->assertOk()
            ->assertSeeInOrder(
                ['b-wifi', 'b-channel is-best', 'Take channel 25', 'of Wi-Fi falls into it, the least that can be had.', 'Heard, 11'],
                false,
            )
            ->assertSeeInOrder(['All sixteen, the quietest first', 'Channel 25', 'Channel 26', 'many devices transmit weakly here'])
            ->assertSee('it is set at the hub itself');
    }

    public function test_a_choice_is_written_down_with_its_day_and_stands(): void
    {
        $network = $this->network('calico-court');
        $this->put(
            self::FLAT."/networks/{$network->id}/channel",
            ['channel' => '25', 'seen' => ''],
        )->assertRedirect(self::LENS.'&at=zigbee');

        self::assertSame([25, true], [$network->refresh()->channel, $network->channel_chosen_at?->isToday()]);
        self::assertTrue($this->logged('Chose Zigbee channel 25.', 'calico-court'));
        $this->get(self::LENS)->assertSee('Keep channel 25')->assertSee('chosen '.now()->onSite()->format('j M'));
    }

    public function test_two_who_choose_do_not_overwrite_each_other(): void
    {
        $network = $this->network('calico-court');
        $this->put(self::FLAT."/networks/{$network->id}/channel", ['channel' => '25', 'seen' => '']);

        $this->put(self::FLAT."/networks/{$network->id}/channel", ['channel' => '20', 'seen' => ''])
            ->assertSessionHasErrors(['channel' => 'Somebody chose channel 25 in the meantime. Look again before you choose another.']);
        self::assertSame(25, $network->refresh()->channel);
        $this->put(self::FLAT."/networks/{$network->id}/channel", ['channel' => '27', 'seen' => '25'])->assertSessionHasErrors('channel');
    }

    public function test_changing_a_live_network_says_who_must_follow(): void
    {
        $house = '/jobs/lantern-house';
        $this->get("{$house}/survey?lens=channels")->assertSee('Listen for Wi-Fi');
        $this->post(
            "{$house}/heard-networks",
            ['network' => 'Gull', 'wifi_channel' => '8', 'rssi' => '-45', 'busy' => '60', 'room' => 'signal'],
        )
            ->assertSessionHasNoErrors();

        // Two megahertz beside the middle of that network, and near Thread on 25 nothing is taken.
        $this->get("{$house}/survey?lens=channels")
            ->assertSeeInOrder([
                'Change to channel',
                'of Wi-Fi falls into channel 20',
                '11 devices are in and must follow',
                'of them on batteries',
            ])
            ->assertSee('too near our channel 25');
    }

    public function test_a_link_that_a_busy_network_drowns_is_named(): void
    {
        $network = $this->network('calico-court');
        $network->update(['channel' => 25]);
        $this->get(self::LENS)->assertDontSee('Contended on channel');
        $network->update(['channel' => 17]);
        $this->post(
            self::FLAT.'/heard-networks',
            ['network' => 'Roar', 'wifi_channel' => '6', 'rssi' => '-20', 'busy' => '90', 'room' => 'living'],
        );

        $this->get(self::LENS)->assertSeeInOrder(['Contended on channel 17', 'living room']);
        $this->get(self::FLAT.'/survey?lens=radio')->assertSee('dB, contended</text>', false)->assertSee('links are contended');
    }

    public function test_networks_are_noted_heard_anew_and_taken_off(): void
    {
        $note = [
            'network' => 'Gull',
            'wifi_channel' => '3',
            'rssi' => '−61,5',
            'busy' => '',
            'wifi_width' => '40',
            'side' => 'above',
            'room' => 'hall',
        ];
        $this->post(self::FLAT.'/heard-networks', $note)->assertRedirect(self::LENS);
        $this->post(self::FLAT.'/heard-networks', [...$note, 'rssi' => '-70', 'busy' => '20 %']);
        $heard = $this->siteJob('calico-court')->heardNetworks()->where('name', 'Gull')->get();

        self::assertSame([[3, 40, 'above', -70.0, 0.2]], $heard->map(static fn ($one): array => [
            $one->channel, $one->width_mhz, $one->secondary, $one->rssi_dbm, $one->busy,
        ])->all());
        $this->delete(self::FLAT."/heard-networks/{$heard->firstOrFail()->key}")->assertSessionHasNoErrors();
        self::assertSame(11, $this->siteJob('calico-court')->heardNetworks()->count());
        $this->post(self::FLAT.'/heard-networks', [...$note, 'wifi_channel' => '15'])->assertSessionHasErrors('wifi_channel');
        $this->post(self::FLAT.'/heard-networks', [...$note, 'rssi' => 'loud'])->assertSessionHasErrors('table');
        $this->as('wren')->post(self::FLAT.'/heard-networks', $note)->assertForbidden();
    }

    public function test_networks_come_in_from_a_table(): void
    {
        $table = static fn (string $lines): UploadedFile => UploadedFile::fake()->createWithContent('wifi.csv', $lines);
        $this->post(
            self::FLAT.'/heard-networks',
            ['is_table' => '1', 'table' => $table("name,channel,rssi,room\n\"Gull, loft\",1,-60,hall\nTern,11,-70,\n")],
        )
            ->assertSessionHasNoErrors();
        self::assertSame(13, $this->siteJob('calico-court')->heardNetworks()->count());
        self::assertSame('Hall', $this->siteJob('calico-court')->heardNetworks()->where('name', 'Gull, loft')->firstOrFail()->room?->name);

        $this->post(
            self::FLAT.'/heard-networks',
            ['is_table' => '1', 'table' => $table("name,channel,rssi\nGull,99,-60\n")],
        )->assertSessionHasErrors('table');
        self::assertStringContainsString('row 2, channel', (string) session('errors')?->first('table'));
        $this->post(
            self::FLAT.'/heard-networks',
            ['is_table' => '1', 'table' => $table("name,channel,rssi,room\nTern,11,-60,\nGull,3,-60,attic\n")],
        )->assertSessionHasErrors(['table' => 'Nothing is called “attic”, which stands at row 3, room.']);
        self::assertSame(13, $this->siteJob('calico-court')->heardNetworks()->count());
    }

    public function test_without_a_hub_there_is_no_channel_to_choose(): void
    {
        $this->get('/jobs/weir-cottage/survey?lens=channels')->assertOk()->assertSee('Put a hub on the plan');
        self::assertSame(0, DB::table('heard_networks')->where('site_job_id', $this->siteJob('weir-cottage')->id)->count());
    }

    private function network(string $job): Network
    {
        return $this->siteJob($job)->networks()->where('protocol', 'zigbee')->firstOrFail();
    }

    public function test_what_a_hub_speaks_is_said_before_it_is_linked(): void
    {
        $this->as('mara');
        $job = $this->siteJob('weir-cottage');
        $lens = '/jobs/weir-cottage/survey?lens=channels';
        $this->get($lens)->assertSee('Put a hub on the plan');
        $hub = $job->gateways()->create([
            'key' => 'hub', 'name' => 'Hub', 'storey_id' => $job->storeys()->value('id'), 'x' => 1, 'y' => 1, 'z' => 1,
        ]);
        $job->touchLive();
        $this->get($lens)->assertSee('Say what the hub speaks');
        $radios = "/jobs/weir-cottage/hubs/{$hub->key}/radios";
        $this->put($radios, ['speaks_zigbee' => '1', 'speaks_zwave' => '1', 'lens' => 'channels'])->assertRedirect($lens);
        self::assertSame(['zigbee', 'zwave'], $job->networks()->orderBy('protocol')->toBase()->pluck('protocol')->all());
        $this->get($lens)->assertSee('Listen for Wi-Fi');
        $this->put($radios, ['speaks_zigbee' => '1', 'lens' => 'elsewhere'])->assertRedirect('/jobs/weir-cottage/survey?lens=radio');
        self::assertSame(['zigbee'], $job->networks()->toBase()->pluck('protocol')->all());
        self::assertTrue($this->logged('Hub speaks Zigbee.', 'weir-cottage'));
        $this->as('wren')->put($radios, [])->assertForbidden();

        // What a linked hub says of itself is not unsaid by hand, and what devices are in over neither.
        $this->as('mara')->radiosAreByHand(Protocol::ZWave, Protocol::Thread);
        $this->siteJob()->networks()->whereNotIn('protocol', [Protocol::Zigbee, Protocol::ZWave, Protocol::Thread])->delete();
        $house = '/jobs/lantern-house/hubs/hub/radios';
        $all = ['thread', 'zigbee', 'zwave'];
        $spoken = fn (): array => $this->siteJob()->networks()->orderBy('protocol')->toBase()->pluck('protocol')->all();
        $others = ['speaks_thread' => '1', 'speaks_matter' => '1'];
        $this->put($house, $others)->assertSessionHasErrors([
            'hub' => 'Hub does speak Z-Wave: devices are in over it. Take them away first, where that is wrong.',
        ]);
        self::assertSame($all, $spoken());
        $this->put($house, [...$others, 'speaks_zwave' => '1'])->assertSessionHasNoErrors();
        self::assertSame(['matter', ...$all], $spoken(), 'it said itself that it speaks Zigbee');
    }
}
