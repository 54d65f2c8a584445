<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\JobFiles\Exporter;
use App\JobSheet\JobSheet;
use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Models\Ecosystem;
use App\Models\SetName;
use App\Models\Slot;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\NameCell;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Standin\Ecosystems\AtBoxes;
use Kavvel\Standin\Ecosystems\ShareWindow;
use Tests\StandsInForEcosystems;
use Tests\TestCase;

/** What ecosystems show: names and rooms, what shows twice, what should not show. */
final class EcosystemNamesTest extends TestCase
{
    use StandsInForEcosystems;

    private const PAGE = '/jobs/lantern-house/bridge';

    private const EXPORT = 'from hub-box as matter-bridge to ecosystem voice';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->siteJob()->update(['bridge_policy' => Policy::LocalFirst]);
        BridgeBox::query()->where('key', 'export-box')->update(['is_owned' => true]);
        $bridging = $this->bridging();
        foreach ($bridging->untold() as $one) {
            $this->siteJob()->toldLosses()->create([
                'slot_key' => $one->want->device, 'ecosystem_key' => $one->want->ecosystem, 'because' => $bridging->because($one),
                'told_by' => 'Mara', 'told_at' => now(),
            ]);
        }
        $this->standIn();
    }

    public function test_the_grid_says_what_will_arrive_before_anything_is_linked(): void
    {
        $this->get(self::PAGE.'?lens=names')->assertOk()->assertSee('Name them at the source first')->assertSee('keeps the first name')
            ->assertSee('follows a later name')->assertSee('Chart room ceiling dimme</span>', false)->assertSee('room by hand');
        $cell = $this->cells('voice')['chart-dimmer'];
        self::assertSame(['Chart room ceiling dimmer', 'Ceiling dimmer', false, 60], [
            $cell->shows, $cell->meant->name, $cell->isSeen, $cell->seconds(),
        ]);
        $this->as('wren')->get(self::PAGE.'?lens=names')->assertOk()->assertDontSee('To the names');
    }

    public function test_names_are_set_over_the_link_of_an_ecosystem_and_read_again(): void
    {
        $this->linkVoice();
        $this->get(self::PAGE)->assertSee('Set 2 names and 2 rooms there')->assertSee('Set them over the link');
        $this->put('/jobs/lantern-house/ecosystems/voice/names')->assertRedirect(self::PAGE);
        $cell = $this->cells('voice')['chart-dimmer'];

        self::assertSame(['Ceiling dimmer', 'Chart room', true, true], [$cell->shows, $cell->room, $cell->isSeen, $cell->isRight()]);
        self::assertTrue($this->logged('2 names are set in Tansy, over its link.'));
        $this->get(self::PAGE)->assertDontSee('Set 2 names')->assertSee('0 of 3 linked are proved');
        $this->get(self::PAGE.'?lens=names')->assertSee('name-there">Ceiling dimmer', false);
    }

    public function test_names_that_are_set_by_hand_are_read_or_noted_where_nothing_can_be_read(): void
    {
        $this->linkVoice();
        $ecosystem = Ecosystem::query()->where('key', 'voice')->firstOrFail();
        $shown = collect($ecosystem->shownDevices())->firstWhere('name', 'Chart room ceiling dimmer');
        $this->byHand(['of' => 'voice', 'act' => 'rename', 'id' => $shown?->id, 'name' => 'Ceiling dimmer', 'room' => 'Chart room']);
        $this->post('/jobs/lantern-house/ecosystems/voice/readings', ['lens' => 'names'])->assertRedirect(self::PAGE.'?lens=names');
        self::assertTrue($this->cells('voice')['chart-dimmer']->isRight());
        $this->get(self::PAGE)->assertSee('Set 1 name and 1 room there');

        $ecosystem->refresh()->update(['url' => null, 'shown' => null]);
        $this->siteJob()->touchLive();
        $page = $this->get(self::PAGE)->assertSee('They are set')->getContent();
        preg_match('/name="seen" value="([^"]+)"/', (string) $page, $seen);
        $this->post('/jobs/lantern-house/ecosystems/voice/names', ['seen' => 'other'])->assertSessionHasErrors('seen');
        self::assertSame(0, SetName::query()->count());
        $this->post('/jobs/lantern-house/ecosystems/voice/names', ['seen' => $seen[1] ?? ''])->assertSessionHasNoErrors();
        self::assertSame('Mara Lindqvist', SetName::query()->where('slot_key', 'signal-dimmer')->value('set_by'));
        self::assertTrue($this->cells('voice')['signal-dimmer']->isRight());
        $this->get(self::PAGE)->assertDontSee('They are set')->assertSee('0 of 3 linked are proved');
        self::assertCount(2, app(Exporter::class)->export($this->siteJob())['setNames']);

        $node = Slot::query()->where('key', 'signal-dimmer')->firstOrFail()->node()->firstOrFail();
        self::assertSame($node->address, SetName::query()->where('slot_key', 'signal-dimmer')->value('mark'));
        $node->update(['address' => '02A7C3FFFFFFFFFF']);
        self::assertFalse($this->cells('voice')['signal-dimmer']->isRight(), 'it was set for another device');
        self::assertTrue($this->cells('voice')['chart-dimmer']->isRight());
        $node->update(['address' => (string) SetName::query()->where('slot_key', 'signal-dimmer')->value('mark')]);
        $this->post('/jobs/lantern-house/ecosystems/voice/names', ['seen' => $seen[1] ?? ''])->assertSessionHasErrors('seen');
    }

    public function test_what_shows_twice_is_seen_and_taken_out_of_the_list_of_its_box(): void
    {
        $this->linkVoice();
        $this->put('/jobs/lantern-house/ecosystems/voice/names');
        $this->byHand(['box' => 'export-box', 'act' => 'set-up']);
        $this->byHand(['box' => 'hub-box', 'act' => 'make-key', 'for' => 'export-box', 'ref' => 'one']);
        $key = AtBoxes::key(4711, 'hub-box', 'export-box', 'one');
        $this->byHand(['box' => 'export-box', 'act' => 'enter-key', 'key' => $key]);
        $this->byHand(['box' => 'export-box', 'act' => 'open-window', 'ref' => 'two', 'seconds' => 900]);
        $window = ShareWindow::open(4711, 'two', 'export-box', null, 0);
        $this->byHand(['of' => 'voice', 'act' => 'scan', 'code' => $window->code]);
        $this->pass(60);
        $this->post('/jobs/lantern-house/ecosystems/voice/readings');

        $this->get(self::PAGE)->assertSee('3 devices show there twice, 15 should not show there')
            ->assertSee('Take out <strong>Chart room ceiling dimmer</strong>', false)
            ->assertSee('keep Ceiling dimmer')->assertSee('Do not delete them in Tansy')->assertSee('Have Export box take them out')
            ->assertSee('takes the whole bridge away');
        $this->put('/jobs/lantern-house/bridge-boxes/export-box/list', ['form' => 'matter-bridge'])->assertRedirect(self::PAGE);

        self::assertCount(3, Ecosystem::query()->where('key', 'voice')->firstOrFail()->shownDevices());
        self::assertSame([], Showings::of($this->bridging())->sighting('voice')?->excess());
        self::assertTrue($this->logged('The list of what Export box shows is made right, over its link.'));
        $this->get(self::PAGE)->assertDontSee('show there twice');
    }

    public function test_what_should_not_show_is_seen_too_and_what_the_client_has_beside_it_is_not(): void
    {
        $this->linkVoice();
        $this->byHand(['box' => 'hub-box', 'act' => 'show', 'form' => 'matter-bridge', 'devices' => null]);
        $this->pass(60);
        $this->post('/jobs/lantern-house/ecosystems/voice/readings');
        $this->get(self::PAGE)->assertDontSee('should not');
        $this->get(self::PAGE.'?lens=names&at=names+voice')->assertSee('should not show there')
            ->assertSee('no want leads there');
        $voice = Ecosystem::query()->where('key', 'voice')->firstOrFail();
        $kept = array_slice($voice->shown ?? [], 0, 3);
        $voice->update(['shown' => [...$kept, ['device' => 'own', 'mark' => 'CLIENTS', 'name' => 'Own lamp'] + $kept[0]]]);
        $this->siteJob()->touchLive();

        $this->get(self::PAGE.'?lens=names&at=names+voice')->assertDontSee('should not');
    }

    public function test_an_ecosystem_that_does_not_answer_says_so_and_what_was_read_stays(): void
    {
        $this->linkVoice();
        $this->byHand(['act' => 'internet', 'on' => false]);
        $this->post('/jobs/lantern-house/ecosystems/voice/readings', ['lens' => 'boxes', 'at' => 'ecosystem voice']);
        $voice = Ecosystem::query()->where('key', 'voice')->firstOrFail();
        self::assertStringContainsString('does not answer', (string) $voice->read_refused);
        self::assertCount(3, $voice->shownDevices());
        $this->get(self::PAGE.'?lens=boxes&at=ecosystem+voice')->assertSee('does not answer')->assertSee('Read it now');
        $this->put('/jobs/lantern-house/ecosystems/voice/names');
        $this->get(self::PAGE)->assertSee('does not answer')->assertSee('Set them over the link');
    }

    public function test_a_release_that_was_read_counts_and_not_the_sheet(): void
    {
        BridgeBox::query()->where('key', 'hub-box')->update(['matter_release' => '1.0']);
        $this->post('/jobs/lantern-house/bridge-boxes/hub-box/readings', ['lens' => 'boxes', 'at' => 'box hub-box'])
            ->assertRedirect(self::PAGE.'?lens=boxes&at=box%20hub-box');
        self::assertSame(['1.2', '4.2.1'], [
            BridgeBox::query()->where('key', 'hub-box')->value('matter_release'),
            BridgeBox::query()->where('key', 'hub-box')->value('firmware'),
        ]);
        self::assertTrue($this->logged('Release read from Hub: 1.2.'));
    }

    public function test_who_was_asked_is_not_asked_twice_and_nobody_waits_for_ever(): void
    {
        $voice = Ecosystem::query()->where('key', 'voice')->firstOrFail();
        $voice->update(['asked_at' => now()]);
        $this->get(self::PAGE.'?lens=boxes&at=ecosystem+voice')->assertSee('Tansy is being asked');
        $this->post('/jobs/lantern-house/ecosystems/voice/readings');
        self::assertNull($voice->refresh()->read_at);
        Carbon::setTestNow(now()->addSeconds(31));
        $this->siteJob()->touchLive();
        $this->get(self::PAGE.'?lens=boxes&at=ecosystem+voice')->assertDontSee('is being asked');
        $this->post('/jobs/lantern-house/ecosystems/voice/readings');
        self::assertNotNull($voice->refresh()->read_at);
    }

    public function test_a_lead_links_an_ecosystem_that_answers_and_takes_the_link_off(): void
    {
        $path = '/jobs/lantern-house/ecosystems/voice/link';
        $this->put($path, ['url' => 'http://standin.invalid/ecosystems/nobody', 'token' => 'feature-token'])->assertSessionHasErrors('url');
        $this->put($path, ['url' => 'ftp://standin.invalid', 'token' => 'feature-token'])->assertSessionHasErrors('url');
        $this->put($path, ['url' => 'http://standin.invalid/ecosystems/phone/', 'token' => 'feature-token'])->assertSessionHasNoErrors();
        self::assertSame('http://standin.invalid/ecosystems/phone', Ecosystem::query()->where('key', 'voice')->value('url'));
        $this->get(self::PAGE.'?lens=boxes&at=ecosystem+voice')->assertSee('Change its link')->assertDontSee('feature-token', false);
        $this->delete($path);
        self::assertNull(Ecosystem::query()->where('key', 'voice')->value('url'));
        $box = '/jobs/lantern-house/bridge-boxes/hub-box/link';
        $this->put($box, ['url' => 'http://standin.invalid/boxes/hub-box', 'token' => 'feature-token'])->assertSessionHasNoErrors();
        $this->delete($box);
        self::assertNull(BridgeBox::query()->where('key', 'hub-box')->value('url'));
        $this->as('idris')->put($path, ['url' => 'http://standin.invalid/ecosystems/phone', 'token' => 'feature-token'])->assertForbidden();
        self::assertArrayNotHasKey('token', app(Exporter::class)->export($this->siteJob())['ecosystems'][0]);
    }

    private function linkVoice(): void
    {
        $this->byHand(['box' => 'hub-box', 'act' => 'switch-on', 'form' => 'matter-bridge']);
        $this->byHand(['of' => 'voice', 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $this->act(0);
        $this->tell(1);
        $this->act(2);
        $this->act(3, 'Odile Harrow');
        $this->tell(4);
        $code = BridgeLink::query()->where('key', self::EXPORT)->firstOrFail()->window_code;
        $this->byHand(['of' => 'voice', 'act' => 'scan', 'code' => $code]);
        $this->pass(30);
        $this->act(5);
        $this->act(6);
        $this->tell(7);
    }

    private function tell(int $number): void
    {
        $this->post('/jobs/lantern-house/link-tellings', ['link' => self::EXPORT, 'number' => $number]);
    }

    private function act(int $number, string $said = ''): void
    {
        $this->post('/jobs/lantern-house/link-acts', ['link' => self::EXPORT, 'number' => $number, 'said' => $said]);
    }

    /** @return array<string, NameCell> by slot */
    private function cells(string $ecosystem): array
    {
        $cells = [];
        foreach (Showings::of($this->bridging())->cells($ecosystem) as $slot => $cell) {
            $cells[trim($slot)] = $cell;
        }

        return $cells;
    }

    private function bridging(): JobBridging
    {
        return JobBridging::of(JobSheet::of($this->siteJob()));
    }
}
