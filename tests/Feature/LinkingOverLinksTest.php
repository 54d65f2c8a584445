<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bridging\JobBridging;
use App\JobSheet\JobSheet;
use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Models\Ecosystem;
use App\Models\TemporaryState;
use App\Temporary\TemporaryStates;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\Policy;
use Tests\StandsInForEcosystems;
use Tests\TestCase;

/** Boxes and ecosystems that have a link of their own do acts themselves, and are read instead of asked about. */
final class LinkingOverLinksTest extends TestCase
{
    use StandsInForEcosystems;

    private const PAGE = '/jobs/lantern-house/bridge';

    private const EXPORT = 'from hub-box as matter-bridge to ecosystem voice';

    private const DRIVER = 'from hub-box as driver to ecosystem panel';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->siteJob()->update(['bridge_policy' => Policy::LocalFirst]);
        BridgeBox::query()->where('key', 'export-box')->update(['is_owned' => true]);
        $bridging = JobBridging::of(JobSheet::of($this->siteJob()));
        foreach ($bridging->untold() as $one) {
            $this->siteJob()->toldLosses()->create([
                'slot_key' => $one->want->device, 'ecosystem_key' => $one->want->ecosystem, 'because' => $bridging->because($one),
                'told_by' => 'Mara', 'told_at' => now(),
            ]);
        }
        $this->standIn();
    }

    public function test_the_hub_makes_its_list_and_opens_its_window_and_the_ecosystem_is_read(): void
    {
        $this->act(self::EXPORT, 0);
        $this->see(self::EXPORT)->assertSee('Have Hub show these')->assertSee('By hand instead');
        $this->tell(self::EXPORT, 1);
        self::assertSame(2, $this->link(self::EXPORT)->run()->current());
        $this->tell(self::EXPORT, 2)->assertSessionHasNoErrors();
        self::assertSame(2, $this->link(self::EXPORT)->run()->current(), 'a switch on its page is nothing that it is told');
        $this->act(self::EXPORT, 2);
        $this->act(self::EXPORT, 3, 'Odile Harrow');
        $this->see(self::EXPORT)->assertSee('Open it on Hub');
        $this->tell(self::EXPORT, 4);
        $this->see(self::EXPORT)->assertSee('Its export is switched off: switch it on first.')->assertSee('Try it once more');
        $this->byHand(['box' => 'hub-box', 'act' => 'switch-on', 'form' => 'matter-bridge']);
        $this->tell(self::EXPORT, 4);
        $code = (string) $this->link(self::EXPORT)->window_code;
        $this->see(self::EXPORT)->assertDontSee('switched off')->assertSee('share-code');
        self::assertStringStartsWith('MT:', $code);
        self::assertSame(1, TemporaryState::query()->whereNotNull('bridge_link_id')->whereNull('closed_at')->count());

        $list = ['box' => 'hub-box', 'act' => 'show', 'form' => 'matter-bridge'];
        $this->byHand(['devices' => []] + $list);
        $this->byHand(['of' => 'voice', 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $this->byHand(['of' => 'voice', 'act' => 'scan', 'code' => $code]);
        $this->act(self::EXPORT, 5);
        $this->act(self::EXPORT, 6);
        $this->see(self::EXPORT)->assertSee('Read what Tansy shows');
        $this->tell(self::EXPORT, 7);
        $this->see(self::EXPORT)->assertSee('Tansy shows none of the 3.');
        $this->byHand(['devices' => ['chart-dimmer', 'signal-dimmer']] + $list);
        $this->pass(10);
        $this->tell(self::EXPORT, 7);
        $this->see(self::EXPORT)->assertSee('Tansy shows 2 of 3; not there yet: the landing wall switch.');
        self::assertFalse($this->link(self::EXPORT)->run()->isMade());
        $this->byHand(['devices' => ['chart-dimmer', 'signal-dimmer', 'landing-switch']] + $list);
        $this->pass(10);
        $this->tell(self::EXPORT, 7);

        self::assertTrue($this->link(self::EXPORT)->run()->isMade());
        self::assertSame('3 of 3 appeared', $this->link(self::EXPORT)->run()->done[7]->note);
        self::assertCount(3, Ecosystem::query()->where('key', 'voice')->firstOrFail()->shownDevices());
        self::assertSame('Odile Harrow', Ecosystem::query()->where('key', 'voice')->value('read_account'));
    }

    public function test_the_window_is_closed_at_the_hub_when_its_code_was_taken(): void
    {
        $this->linkVoice();

        self::assertSame([], $this->fold()->ecosystems->openWindows());
        self::assertNull($this->link(self::EXPORT)->window_ref);
    }

    public function test_an_ecosystem_with_links_is_taken_off_only_by_who_knows_what_shows_there(): void
    {
        $this->linkVoice();
        $this->get(self::PAGE.'?lens=boxes&at=ecosystem+voice')->assertSee('3 devices show there')->assertSee('Take it off all the same');
        $this->get(self::PAGE.'?lens=boxes&at=box+hub-box')->assertSee('3 devices go over it.');
        $this->delete('/jobs/lantern-house/ecosystems/voice')->assertSessionHasErrors('seen');
        $this->delete('/jobs/lantern-house/bridge-boxes/hub-box', ['seen' => '2'])->assertSessionHasErrors('seen');
        $this->delete('/jobs/lantern-house/ecosystems/voice', ['seen' => '3'])->assertSessionHasNoErrors();

        self::assertSame(0, BridgeLink::query()->where('ecosystem_key', 'voice')->count());
        self::assertSame(0, TemporaryState::query()->whereNotNull('bridge_link_id')->whereNull('closed_at')->count());
        $this->get(self::PAGE)->assertOk()->assertDontSee('Tansy');
    }

    public function test_a_window_that_the_hub_could_not_close_stays_registered_until_it_ends(): void
    {
        $this->openWindow();
        $this->hands('unplug');
        $this->act(self::EXPORT, 5);

        $state = TemporaryState::query()->whereNotNull('bridge_link_id')->sole();
        self::assertNull($state->closed_at, 'it is open, whatever we wanted');
        self::assertTrue($this->logged('The sharing window was not closed; it ends by itself.'));
        Carbon::setTestNow(now()->addSeconds(901));
        TemporaryStates::closeEnded();
        self::assertSame('itself', $state->refresh()->closed_by);
    }

    public function test_what_shows_by_an_old_path_stays_in_the_list_of_its_export_until_that_is_taken_out(): void
    {
        $this->linkVoice();
        $this->link(self::EXPORT)->update(['key' => 'from hub-box as matter-bridge to ecosystem old-voice', 'made_at' => now()->subDay()]);
        $this->siteJob()->wants()->where('wanted_from', 'voice')->where('function', '!=', 'dim-light')->delete();
        $this->siteJob()->touchLive();
        $shown = fn (): array => $this->fold()->ecosystems->boxes['hub-box']->shown['matter-bridge'];
        $before = $shown();
        $this->put('/jobs/lantern-house/bridge-boxes/hub-box/list', ['form' => 'matter-bridge']);

        self::assertEqualsCanonicalizing($before, $shown(), 'nothing goes dark');
        BridgeLink::query()->where('key', 'like', '%old-voice')->delete();
        $this->siteJob()->touchLive();
        $this->put('/jobs/lantern-house/bridge-boxes/hub-box/list', ['form' => 'matter-bridge']);
        self::assertNotEqualsCanonicalizing($before, $shown());
    }

    public function test_while_an_old_path_is_replaced_its_twins_are_no_work(): void
    {
        $this->linkVoice();
        $voice = Ecosystem::query()->where('key', 'voice')->firstOrFail();
        $twice = array_map(
            static fn (array $one): array => ['device' => "{$one['device']}-2", 'over' => 'Old box'] + $one,
            $voice->shown ?? [],
        );
        $voice->update(['shown' => [...$voice->shown ?? [], ...$twice]]);
        $this->siteJob()->touchLive();
        $this->get(self::PAGE)->assertSee('3 devices show there twice');
        $this->siteJob()->bridgeLinks()->create([
            'key' => 'from old-box as matter-bridge to ecosystem voice', 'acts' => [], 'ecosystem_key' => 'voice',
            'made_at' => now()->subDay(),
            'devices' => $this->link(self::EXPORT)->devices, 'users_noted_at' => now(), 'school' => 'keep-until-proved',
        ]);
        $this->siteJob()->touchLive();

        $this->get(self::PAGE)->assertDontSee('show there twice')->assertSee('Next of that: prove the new path, 3 of 3 to go.');
        $this->get(self::PAGE.'?lens=names&at=names+voice')->assertSee('3 devices show there twice');
    }

    public function test_a_hub_without_power_says_so_and_its_work_is_done_by_hand(): void
    {
        $this->act(self::EXPORT, 0);
        $this->hands('unplug');
        $this->tell(self::EXPORT, 1);
        $this->see(self::EXPORT)->assertSee('Hub at http://standin.invalid/boxes/hub-box does not answer.')
            ->assertSee('These and no others');
        $this->act(self::EXPORT, 1);
        self::assertSame([2, null], [$this->link(self::EXPORT)->run()->current(), $this->link(self::EXPORT)->ask_refused]);
    }

    public function test_two_who_tell_it_at_once_tell_it_once(): void
    {
        $this->act(self::EXPORT, 0);
        $this->tell(self::EXPORT, 1);
        $this->as('idris');
        $this->tell(self::EXPORT, 1)->assertSessionHasErrors('link');
        self::assertSame(2, $this->link(self::EXPORT)->run()->current());
        $this->as('wren');
        $this->tell(self::EXPORT, 2)->assertForbidden();
    }

    public function test_a_key_that_the_hub_made_lies_in_the_store(): void
    {
        foreach ([0, 1, 2, 3] as $number) {
            $this->act(self::DRIVER, $number);
        }
        $this->see(self::DRIVER)->assertSee('Have Hub make it');
        $this->tell(self::DRIVER, 4);
        $link = $this->link(self::DRIVER);
        self::assertSame([4, 1], [$link->run()->current(), $link->credentials()->count()], 'it is still to be carried over');
        $this->see(self::DRIVER)->assertSee('Show the key')->assertSee('The key is over there');
        $secret = (string) $link->credentials()->firstOrFail()->secret;
        $this->byHand(['of' => 'panel', 'act' => 'enter-key', 'key' => $secret]);
        $this->byHand(['box' => 'hub-box', 'act' => 'switch-on', 'form' => 'driver']);
        $this->byHand(['of' => 'panel', 'act' => 'switch-on', 'form' => 'driver']);
        $this->byHand(['of' => 'panel', 'act' => 'discover']);
        $this->pass(60);
        $this->act(self::DRIVER, 4);
        $this->act(self::DRIVER, 5);
        $this->tell(self::DRIVER, 6);

        self::assertTrue($link->refresh()->run()->isMade());
    }

    public function test_what_comes_in_later_reopens_the_list_and_is_counted(): void
    {
        $this->linkVoice();
        self::assertTrue($this->link(self::EXPORT)->run()->isMade());
        $wanted = JobBridging::of(JobSheet::of($this->siteJob()))->links()[self::EXPORT]->link->devices;
        $slot = $this->siteJob()->slots()->whereIn('key', $wanted)->whereNull('node_id')->firstOrFail();
        $node = $this->siteJob()->nodes()->create([
            'gateway_id' => $this->siteJob()->gateways()->value('id'), 'address' => '02A7C3FFFFFFFFFF', 'protocol' => 'zigbee',
            'model' => 'X', 'state' => 'joined', 'capabilities' => [], 'is_router' => false,
        ]);
        $slot->update(['node_id' => $node->id]);
        $this->siteJob()->touchLive();
        $this->see(self::EXPORT)->assertSee('Set the names at the source');
        $this->act(self::EXPORT, 0);
        $this->tell(self::EXPORT, 1);

        $this->see(self::EXPORT)->assertSee('Hub does not have the ');
    }

    private function openWindow(): void
    {
        $this->byHand(['box' => 'hub-box', 'act' => 'switch-on', 'form' => 'matter-bridge']);
        $this->byHand(['of' => 'voice', 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $this->act(self::EXPORT, 0);
        $this->tell(self::EXPORT, 1);
        $this->act(self::EXPORT, 2);
        $this->act(self::EXPORT, 3, 'Odile Harrow');
        $this->tell(self::EXPORT, 4);
    }

    private function linkVoice(): void
    {
        $this->openWindow();
        $this->byHand(['of' => 'voice', 'act' => 'scan', 'code' => $this->link(self::EXPORT)->window_code]);
        $this->pass(30);
        $this->act(self::EXPORT, 5);
        $this->act(self::EXPORT, 6);
        $this->tell(self::EXPORT, 7);
    }

    private function see(string $link): mixed
    {
        return $this->get(self::PAGE.'?at=link+'.urlencode($link))->assertOk();
    }

    private function tell(string $link, int $number): mixed
    {
        return $this->post('/jobs/lantern-house/link-tellings', ['link' => $link, 'number' => $number]);
    }

    private function act(string $link, int $number, string $said = ''): mixed
    {
        return $this->post('/jobs/lantern-house/link-acts', ['link' => $link, 'number' => $number, 'said' => $said]);
    }

    private function link(string $key): BridgeLink
    {
        return BridgeLink::query()->where('key', $key)->firstOrFail();
    }
}
