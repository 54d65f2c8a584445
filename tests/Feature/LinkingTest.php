<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bridging\JobBridging;
use App\Codes\CodeStore;
use App\JobFiles\Exporter;
use App\JobSheet\JobSheet;
use App\Models\BridgeBox;
use App\Models\BridgeLink;
use App\Models\Credential;
use App\Models\Ecosystem;
use App\Models\Slot;
use App\Models\TemporaryState;
use App\Models\Want;
use App\Temporary\TemporaryStates;
use Illuminate\Support\Carbon;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Codes\CodeFamily;
use Kavvel\Core\Proving\LadderStep;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;
use Tests\TestCase;

/** A link is made act by act: who signs in, which window is open, which key is carried, how many appear. */
final class LinkingTest extends TestCase
{
    private const PAGE = '/jobs/lantern-house/bridge';

    private const EXPORT = 'from hub-box as matter-bridge to ecosystem voice';

    private const CHAIN = 'from hub-box as hub-link to box export-box';

    private const CODE = 'MT:Y.K9042C00KA0648G00';

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->siteJob()->update(['bridge_policy' => Policy::LocalFirst]);
        BridgeBox::query()->where('key', 'export-box')->update(['is_owned' => true]);
        BridgeBox::query()->update(['url' => null]);
        Ecosystem::query()->update(['url' => null]);
        $bridging = $this->bridging();
        foreach ($bridging->untold() as $one) {
            $this->siteJob()->toldLosses()->create([
                'slot_key' => $one->want->device, 'ecosystem_key' => $one->want->ecosystem, 'because' => $bridging->because($one),
                'told_by' => 'Mara', 'told_at' => now(),
            ]);
        }
    }

    public function test_an_export_is_linked_from_the_names_to_the_count(): void
    {
        $this->get(self::PAGE)->assertOk()->assertSee('Hub to Tansy, Matter bridge');
        $this->get(self::PAGE.'?at=link+'.urlencode(self::EXPORT))->assertOk()->assertSee('first</a>', false)
            ->assertSee('Link all the same')->assertSee('act 1 of 8');
        $this->act(0);
        $this->get(self::PAGE)->assertSee('The 3 that are shown')->assertSee('“everything” would show', false);
        $this->act(1);
        $this->act(2);
        $this->get(self::PAGE)->assertSee('you never hold that password');
        $this->act(3, 'Odile Harrow');
        $this->get(self::PAGE)->assertSee('Its code, if you want it shown here');
        Carbon::setTestNow(now()->startOfSecond());
        $this->act(4, self::CODE);
        $this->get(self::PAGE)->assertSee('15:00 left')->assertSee('<svg', false)->assertSee('share-code');
        self::assertSame('Whoever has the code can add the house', $this->open()->what);
        self::assertSame(self::CODE, $this->link()->window_code);
        $this->act(5);
        self::assertSame(0, TemporaryState::query()->whereNotNull('bridge_link_id')->whereNull('closed_at')->count());
        $this->act(6);
        $this->get(self::PAGE)->assertSee('How many appeared, of 3');
        $this->act(7, '2')->assertSessionHasErrors('said');
        $this->get(self::PAGE)->assertSee('One is missing');
        self::assertFalse($this->link()->run()->isMade());
        $this->act(7, '3')->assertSessionHasNoErrors();
        self::assertTrue($this->link()->run()->isMade());
        self::assertTrue($this->logged('Linked: Hub to Tansy, Matter bridge.'));
        $this->get(self::PAGE)->assertSee('b-cable is-linked', false)->assertDontSee('Hub to Tansy, Matter bridge');
    }

    public function test_a_count_that_is_off_leads_back_or_is_taken_as_it_is(): void
    {
        foreach (range(0, 6) as $number) {
            $this->act($number);
        }
        $this->act(7, 'many')->assertSessionHasErrors(['said' => 'Say how many appeared, as a number.']);
        $this->delete("/jobs/lantern-house/bridge-links/{$this->link()->id}/acts", ['to' => 'include'])->assertRedirect(self::PAGE);
        self::assertSame(1, $this->link()->run()->current());
        foreach (range(1, 6) as $number) {
            $this->act($number);
        }
        $this->post('/jobs/lantern-house/link-acts', ['link' => self::EXPORT, 'number' => 7, 'said' => '64', 'anyway' => '1']);
        self::assertSame('64 of 3 appeared', $this->link()->run()->done[7]->note);
    }

    public function test_a_window_closes_by_itself_and_its_code_opens_nothing_then(): void
    {
        foreach (range(0, 3) as $number) {
            $this->act($number);
        }
        $this->act(4, '12345678')->assertSessionHasErrors('said');
        self::assertSame(4, $this->link()->run()->current(), 'nothing is noted as open');
        $this->act(4, self::CODE);
        $version = $this->siteJob()->live_version;
        Carbon::setTestNow(now()->addSeconds(901));
        $this->act(5)->assertSessionHasErrors(['said' => 'The window is over: its code opens nothing any more. Open the next one.']);
        TemporaryStates::closeEnded();
        $state = TemporaryState::query()->whereNotNull('bridge_link_id')->firstOrFail();
        self::assertSame('itself', $state->closed_by);
        self::assertArrayHasKey('endsAt', last(app(Exporter::class)->export($this->siteJob())['temporaryStates']));
        self::assertEquals($state->ends_at, $state->closed_at);
        self::assertGreaterThan($version, $this->siteJob()->live_version);
        $this->get(self::PAGE)->assertSee('Open the next one')->assertDontSee('share-code');
        $this->delete("/jobs/lantern-house/bridge-links/{$this->link()->id}/acts", ['to' => 'window']);
        self::assertSame([4, null], [$this->link()->run()->current(), $this->link()->window_code]);
    }

    public function test_the_code_of_a_device_itself_is_no_code_of_a_window(): void
    {
        foreach (range(0, 3) as $number) {
            $this->act($number);
        }
        app(CodeStore::class)->scan($this->siteJob(), self::CODE, $this->user());
        $this->act(4, self::CODE)->assertSessionHasErrors('said');
        self::assertStringContainsString('the code on the sticker of', (string) session('errors')->first('said'));
        $this->act(4, '30412-05573-61002-18744-00921-47150-33208-59016')->assertSessionHasErrors('said');
        self::assertSame(4, $this->link()->run()->current());
    }

    public function test_what_somebody_has_made_meanwhile_is_not_opened_again_by_who_goes_back(): void
    {
        foreach (range(0, 6) as $number) {
            $this->act($number);
        }
        $this->act(7, '3');
        $this->delete("/jobs/lantern-house/bridge-links/{$this->link()->id}/acts", ['to' => 'include'])->assertSessionHasErrors('link');
        self::assertTrue($this->link()->run()->isMade());
    }

    public function test_two_people_do_not_do_one_act_twice(): void
    {
        $this->act(0);
        $this->as('idris')->from(self::PAGE);
        $this->act(0)->assertSessionHasErrors('link');
        self::assertSame('Mara Lindqvist', $this->link()->run()->done[0]->by);
        $this->post('/jobs/lantern-house/link-acts', ['link' => 'from nowhere', 'number' => 0])->assertSessionHasErrors([
            'link' => 'No path leads over that link any more: boxes or wants have changed. Look at the paths again.',
        ]);
    }

    public function test_who_is_not_there_is_waited_for_and_the_rest_goes_on(): void
    {
        foreach (range(0, 3) as $number) {
            $this->act($number);
        }
        $this->act(4, self::CODE);
        $this->post('/jobs/lantern-house/link-delays', ['link' => self::EXPORT])->assertRedirect(self::PAGE);
        self::assertSame('Whoever has the code can add the house', $this->open()->what, 'the window is open until it ends');
        $this->get(self::PAGE)->assertSee('put off for today')->assertSee('Hub to Sillboard, driver');
        Carbon::setTestNow(now()->addDay());
        self::assertSame(self::EXPORT, LinkAtHand::next(array_values($this->bridging()->links()))?->link->key(), 'begun goes first again');
    }

    public function test_a_key_goes_through_the_store_and_looking_at_it_is_logged(): void
    {
        $this->post('/jobs/lantern-house/link-acts', ['link' => self::CHAIN, 'number' => 0]);
        $this->get(self::PAGE)->assertSee('Hub to Export box, hub link')->assertSee('Keep it')->assertDontSee('Show the key');
        $this->post('/jobs/lantern-house/link-keys', ['link' => self::CHAIN, 'secret' => 'kv-88-opens'])->assertRedirect(self::PAGE);
        $link = BridgeLink::query()->where('key', self::CHAIN)->firstOrFail();
        self::assertSame('kv-88-opens', $link->credentials()->firstOrFail()->secret);
        $this->get(self::PAGE)->assertSee('Show the key')->assertDontSee('kv-88-opens');
        $this->post("/jobs/lantern-house/bridge-links/{$link->id}/key")->assertOk()->assertSee('kv-88-opens');
        self::assertTrue($this->logged('Looked at a key'));
        $this->post('/jobs/lantern-house/link-acts', ['link' => self::CHAIN, 'number' => 1]);
        self::assertTrue($link->refresh()->run()->isMade());
        $this->as('wren')->post("/jobs/lantern-house/bridge-links/{$link->id}/key")->assertForbidden();
    }

    public function test_a_code_that_is_shown_is_kept_from_the_office(): void
    {
        foreach (range(0, 3) as $number) {
            $this->act($number);
        }
        $this->act(4, self::CODE);
        $this->as('wren')->get(self::PAGE)->assertOk()->assertDontSee('share-code');
        $this->post('/jobs/lantern-house/link-acts', ['link' => self::EXPORT, 'number' => 5])->assertForbidden();
    }

    public function test_names_come_before_the_link(): void
    {
        foreach ($this->bridging()->links()[self::EXPORT]->link->devices as $key) {
            Slot::query()->where('key', $key)->update(['name' => "Name {$key}", 'named_at' => now()]);
        }
        $this->get(self::PAGE)->assertSee('All of them have their names')->assertSee('Their names are right');
    }

    public function test_what_is_linked_is_proved_there_and_the_ladder_of_the_slot_says_so(): void
    {
        foreach (range(0, 6) as $number) {
            $this->act($number);
        }
        self::assertNotContains('Tansy', $this->rungs('signal-dimmer'));
        $this->act(7, '3');
        self::assertSame(['By hand', 'Its own radio', 'Hub', 'Tansy'], $this->rungs('signal-dimmer'));
        self::assertSame('in, not proved', JobSheet::of($this->siteJob())->cards['signal-dimmer']->standing()->words());
        $this->get('/jobs/lantern-house/pair?slot=signal-dimmer')->assertOk()->assertSee('It does from Tansy what is wanted');
        $page = (string) $this->get(self::PAGE)->assertSee('Set 2 names and 2 rooms there')->getContent();
        preg_match('/name="seen" value="([^"]+)"/', $page, $seen);
        $this->post('/jobs/lantern-house/ecosystems/voice/names', ['seen' => $seen[1] ?? '']);
        $this->get(self::PAGE)->assertSee('Say: “set the ')->assertSee('0 of 3 linked are proved');

        $proof = ['rung' => 'ecosystem', 'ecosystem' => 'voice', 'outcome' => 'passed', 'from' => 'bridge'];
        $this->post('/jobs/lantern-house/slots/signal-dimmer/proofs', $proof)->assertRedirect(self::PAGE);
        self::assertSame('done', JobSheet::of($this->siteJob())->cards['signal-dimmer']->standing()->words());
        $this->get(self::PAGE)->assertSee('1 of 3 linked are proved');
        $this->get('/jobs/lantern-house/forms/slots/signal-dimmer')->assertOk()->assertSee('It shows in Tansy. Before it goes')
            ->assertSee('Do not delete it in Tansy.')->assertSee('it takes 2 others along')->assertSee('Take its device away all the same');
        $this->delete('/jobs/lantern-house/slots/signal-dimmer/node')->assertSessionHasErrors('node');
        self::assertNotNull($this->slot('signal-dimmer')->node_id, 'nobody has looked what goes with it');
        $this->delete('/jobs/lantern-house/slots/signal-dimmer/node', ['seen' => 'Wicket'])->assertSessionHasErrors('node');
        $this->delete('/jobs/lantern-house/slots/signal-dimmer/node', ['seen' => 'Tansy'])->assertSessionHasNoErrors();
        self::assertNull($this->slot('signal-dimmer')->node_id);
        $this->get('/jobs/lantern-house/forms/slots/freezer')->assertOk()->assertDontSee('It shows in');
        $this->post('/jobs/lantern-house/slots/chart-dimmer/proofs', ['outcome' => 'failed', 'reason' => 'it lags'] + $proof);
        self::assertTrue($this->siteJob()->snags()->where('text', 'like', 'Tansy fails on the %it lags')->exists());
        self::assertTrue($this->logged('Tansy: failed on the Ceiling dimmer. it lags'));
        $this->delete('/jobs/lantern-house/slots/chart-dimmer/proofs', ['reason' => 'tried again'] + $proof);
        self::assertTrue($this->logged('Took back “Tansy”'));
        $this->post('/jobs/lantern-house/slots/chart-dimmer/proofs', ['ecosystem' => ''] + $proof)->assertSessionHasErrors('ecosystem');
        $this->post('/jobs/lantern-house/slots/chart-dimmer/proofs', ['ecosystem' => 'x'] + $proof)->assertSessionHasErrors('ecosystem');
    }

    public function test_what_is_added_later_is_named_and_counted_before_it_is_proved(): void
    {
        foreach (range(0, 6) as $number) {
            $this->act($number);
        }
        $this->act(7, '3');
        Want::query()->create([
            'site_job_id' => $this->siteJob()->id, 'room_id' => $this->siteJob()->rooms()->where('key', 'wash')->value('id'),
            'function' => 'appliance', 'wanted_by' => 'everyone', 'wanted_from' => 'voice',
        ]);
        $this->get(self::PAGE)->assertSee('Hub to Tansy, Matter bridge')->assertSee('Set the names at the source');
        $this->act(0);
        $this->act(1);
        $this->act(7, '4');
        self::assertTrue($this->link()->run()->isMade());
        self::assertContains('Tansy', $this->rungs('towel'));
    }

    public function test_another_device_in_a_slot_is_not_linked_by_what_the_one_before_was(): void
    {
        $this->linkVoice();
        $slot = '/jobs/lantern-house/name?slot=signal-dimmer';
        $this->get($slot)->assertSee('Into Tansy again');
        $old = $this->slot('signal-dimmer')->node()->firstOrFail();
        $this->post('/jobs/lantern-house/slots/signal-dimmer/replacement', ['reason' => 'dead'])->assertSessionHasNoErrors();
        self::assertTrue($this->bridging()->links()[self::EXPORT]->run->isMade(), 'nothing is in that it could carry');
        $new = $old->replicate()->fill(['address' => '02A7C3FFFFFFFFFF', 'given_up_at' => null, 'matched_at' => now()]);
        $new->save();
        $this->slot('signal-dimmer')->update(['node_id' => $new->id]);
        $this->siteJob()->touchLive();

        self::assertNotContains('Tansy', $this->rungs('signal-dimmer'));
        self::assertContains('Tansy', $this->rungs('chart-dimmer'), 'that is the same');
        $this->get($slot)->assertSee('Into Tansy again</span></a>', false);
        $this->get(self::PAGE)->assertSee('Set the names at the source')
            ->assertSee('does not carry yet: signal room ceiling dimmer, another device since.');
        $this->act(0);
        $this->act(1);
        self::assertNotContains('Tansy', $this->rungs('signal-dimmer'), 'nobody has counted it yet');
        $this->act(7, '3');
        self::assertContains('Tansy', $this->rungs('signal-dimmer'));
        $this->get($slot)->assertSee('Into Tansy again, done');
        self::assertContains(
            ['device' => 'signal-dimmer', 'mark' => '02A7C3FFFFFFFFFF'],
            app(Exporter::class)->export($this->siteJob())['bridgeLinks'][0]['marks'],
        );
    }

    public function test_another_device_that_is_shared_itself_has_a_window_of_its_own_and_no_old_key(): void
    {
        $key = 'of chart-blind as matter to ecosystem voice';
        $planned = $this->bridging()->links()[$key];
        $run = $planned->run;
        while ($run->current() !== null) {
            $run = $run->do($run->current(), now()->toDateTimeImmutable(), 'Mara');
        }
        $link = BridgeLink::query()->create([
            'site_job_id' => $this->siteJob()->id, 'key' => $key, 'acts' => $run->toArray(), 'devices' => ['chart-blind'],
            'marks' => ['chart-blind' => (string) $this->slot('chart-blind')->node?->address], 'ecosystem_key' => 'voice',
            'made_at' => now(),
        ]);
        Credential::query()->create([
            'site_job_id' => $this->siteJob()->id, 'bridge_link_id' => $link->id, 'kind' => CodeFamily::OwnKey->value,
            'label' => 'Key', 'secret' => 'of the one before', 'stored_by' => 'Mara',
        ]);
        self::assertTrue($this->bridging()->links()[$key]->run->isMade());
        self::assertContains('Tansy', $this->rungs('chart-blind'));

        $this->slot('chart-blind')->node()->firstOrFail()->update(['address' => '02A7C3FFFFFFFFFF']);
        $again = $this->bridging()->links()[$key];
        $kinds = array_map(static fn (int $number): ActKind => $again->run->acts[$number]->kind, array_keys($again->run->done));
        self::assertSame([], array_diff(array_map(static fn (ActKind $one): string => $one->value, $kinds), ['switch-on', 'sign-in']));
        self::assertSame(['chart-blind'], $again->added);
        self::assertNotContains('Tansy', $this->rungs('chart-blind'));
        $this->post('/jobs/lantern-house/link-acts', ['link' => $key, 'number' => $again->run->current()])->assertSessionHasNoErrors();
        self::assertSame(0, $link->credentials()->count());
        self::assertNotContains('Tansy', $this->rungs('chart-blind'));
    }

    public function test_a_device_that_is_paired_once_more_under_its_own_address_stays_linked(): void
    {
        $this->linkVoice();
        $this->slot('signal-dimmer')->node()->firstOrFail()->update(['rejoined_at' => now(), 'joined_at' => now()]);
        $this->siteJob()->touchLive();

        self::assertContains('Tansy', $this->rungs('signal-dimmer'));
        self::assertTrue($this->bridging()->links()[self::EXPORT]->run->isMade());
    }

    public function test_a_link_that_no_path_leads_over_any_more_is_seen_and_taken_out(): void
    {
        $this->linkVoice();
        $this->get(self::PAGE)->assertDontSee('Old path into');
        Want::query()->where('site_job_id', $this->siteJob()->id)->where('wanted_from', 'voice')->delete();
        $this->siteJob()->touchLive();
        $this->get(self::PAGE)->assertSee('Old path into Tansy')->assertSee('Note what uses the old path')
            ->assertSee('No want leads over it any more')->assertSee('Chart room ceiling dimmer')->assertDontSee('When the old path goes');
        $old = "/jobs/lantern-house/bridge-links/{$this->link()->id}";
        $this->delete($old)->assertSessionHasErrors(['link' => 'Not yet, first: Note what uses the old path.']);
        $this->post("{$old}/migration", ['users' => 'the evening routine', 'school' => 'remove-at-once']);
        $this->get(self::PAGE)->assertSee('the evening routine')->assertSee('Do not delete a single device in Tansy');
        $this->delete($old)->assertRedirect(self::PAGE);
        $this->get(self::PAGE)->assertDontSee('Old path into');
        self::assertNotContains('Tansy', $this->rungs('signal-dimmer'));
        self::assertTrue($this->logged('The old path into Tansy is taken out.'));
    }

    public function test_an_old_path_stays_until_the_new_one_is_proved_and_is_proved_once_more_without_it(): void
    {
        $this->linkVoice();
        $this->prove('passed');
        $old = $this->link();
        $old->update(['key' => 'from old-box as matter-bridge to ecosystem voice', 'made_at' => now()->subDay()]);
        $this->siteJob()->touchLive();
        $this->get(self::PAGE)->assertSee('A new path leads there.')->assertSee('When the old path goes');
        $path = "/jobs/lantern-house/bridge-links/{$old->id}";
        $users = ['users' => 'two routines', 'school' => 'keep-until-proved'];
        $this->post("{$path}/migration", $users)->assertSessionHasErrors('until');
        $this->post("{$path}/migration", $users + ['until' => now()->subDay()->format('Y-m-d')])->assertSessionHasErrors('until');
        $this->post("{$path}/migration", $users + ['until' => now()->addDays(5)->format('Y-m-d')])->assertSessionHasNoErrors();
        $state = $this->open();
        self::assertSame(now()->addDays(5)->format('Y-m-d'), $state->close_by?->format('Y-m-d'));
        $this->get(self::PAGE)->assertSee('Next of that: make the new link.');
        $this->get(self::PAGE."?at=old+{$old->id}")->assertSee('two routines');

        Carbon::setTestNow(now()->addMinutes(5));
        $this->linkVoice();
        self::assertNull($this->outcome('signal-dimmer'), 'what was shown over the old path counts no more');
        $this->get(self::PAGE)->assertSee('Next of that: prove the new path, 3 of 3 to go.');
        foreach (['signal-dimmer', 'chart-dimmer', 'landing-switch'] as $slot) {
            $this->prove('passed', $slot);
        }
        $this->get(self::PAGE)->assertSee('Point what used the old to the new')->assertSee('They use the new ones');
        $this->delete($path)->assertSessionHasErrors('link');
        $this->put("{$path}/migration")->assertRedirect(self::PAGE);
        $this->put("{$path}/migration");
        $this->get(self::PAGE)->assertSee('It is taken out')->assertSee('proved once more without it');
        Carbon::setTestNow(now()->addMinutes(5));
        $this->delete($path)->assertSessionHasNoErrors();

        self::assertNotNull($state->refresh()->closed_at);
        self::assertNull($this->outcome('signal-dimmer'), 'it is proved once more without the old one');
        self::assertArrayHasKey('reproveFrom', app(Exporter::class)->export($this->siteJob())['bridgeLinks'][0]);
        $this->as('wren')->delete("/jobs/lantern-house/bridge-links/{$this->link()->id}")->assertForbidden();
    }

    private function linkVoice(): void
    {
        foreach (range(0, 6) as $number) {
            $this->act($number);
        }
        $this->act(7, '3');
    }

    private function prove(string $outcome, string $slot = 'signal-dimmer'): void
    {
        $this->post("/jobs/lantern-house/slots/{$slot}/proofs", [
            'rung' => 'ecosystem', 'ecosystem' => 'voice', 'outcome' => $outcome, 'from' => 'bridge',
        ]);
    }

    private function outcome(string $slot): ?Outcome
    {
        $ladder = JobSheet::of($this->siteJob())->cards[$slot]->ladder;

        return $ladder->outcome($ladder->into('voice') ?? Rung::Hub);
    }

    /** @return list<string> */
    private function rungs(string $slot): array
    {
        $steps = JobSheet::of($this->siteJob())->cards[$slot]->ladder->steps;

        return array_map(static fn (LadderStep $step): string => $step->words(), $steps);
    }

    private function act(int $number, string $said = ''): mixed
    {
        return $this->post('/jobs/lantern-house/link-acts', ['link' => self::EXPORT, 'number' => $number, 'said' => $said]);
    }

    private function link(): BridgeLink
    {
        return BridgeLink::query()->where('key', self::EXPORT)->firstOrFail();
    }

    private function open(): TemporaryState
    {
        return TemporaryState::query()->whereNotNull('bridge_link_id')->whereNull('closed_at')->firstOrFail();
    }

    private function bridging(): JobBridging
    {
        return JobBridging::of(JobSheet::of($this->siteJob()));
    }
}
