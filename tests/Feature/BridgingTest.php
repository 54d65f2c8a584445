<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bridging\JobBridging;
use App\JobSheet\JobSheet;
use App\Models\BridgeBox;
use App\Models\BridgeSheet;
use App\Models\Ecosystem;
use App\Models\Want;
use App\Stations\Bridge\PathChoice;
use Kavvel\Core\Bridging\BridgeStepKind;
use Kavvel\Core\Bridging\Impossible;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\SheetKind;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Paths into ecosystems: what there is, by which policy, what is bought, what the client is told. */
final class BridgingTest extends TestCase
{
    private const PAGE = '/jobs/lantern-house/bridge';

    private const ECOSYSTEM = ['sheet' => 'tansy', 'name' => '', 'matter_release' => '', 'account_of' => 'Odile Harrow', 'note' => ''];

    private const BOX = ['sheet' => 'hub-service', 'name' => 'Second service', 'gateway' => '', 'is_owned' => '0', 'matter_release' => ''];

    public function test_the_paths_of_the_demo_are_drawn_and_said_in_words(): void
    {
        $this->as('mara')->get(self::PAGE)->assertOk()
            ->assertSee('Choose by which paths')
            ->assertSee('31 wants, 29 met')
            ->assertSee('export, 11')
            ->assertSee('Landing wall siren')
            ->assertSee('<text class="b-lost  is-wanted "', false)
            ->assertSee('3 to settle');
        $this->get(self::PAGE.'?lens=plan')->assertOk()->assertSee('Wicket');
    }

    public function test_the_three_policies_differ_and_the_page_says_how(): void
    {
        $this->as('mara');
        $bridging = $this->bridging();
        self::assertSame([1, 2, 2], array_values(array_map(static fn ($one): int => $one->cloud, $bridging->figures)));
        self::assertSame([4, 3, 5], array_values(array_map(static fn ($one): int => $one->lost, $bridging->figures)));
        $this->get(self::PAGE.'?show=every-function&at=policies')->assertOk()
            ->assertSee('Chart room desk socket, Wicket: cloud account; stops with the internet; keeps watts.')
            ->assertSee('To buy: Export box');
        $this->get(self::PAGE.'?show=fewest-boxes&at=policies')->assertOk()->assertSee('Washroom wall towel rail, Wicket: cloud account');
        $this->get(self::PAGE.'?show=local-first&at=policies')->assertOk()->assertDontSee('What goes otherwise');
    }

    public function test_a_policy_is_taken_and_two_people_do_not_overwrite_each_other(): void
    {
        $this->as('mara')->put('/jobs/lantern-house/bridge-policy', ['policy' => 'every-function', 'seen' => ''])
            ->assertRedirect(self::PAGE);
        self::assertSame(Policy::EveryFunction, $this->siteJob()->bridge_policy);
        self::assertTrue($this->logged('Paths into the ecosystems: Every function.'));
        $this->as('idris')->from(self::PAGE)->put('/jobs/lantern-house/bridge-policy', ['policy' => 'fewest-boxes', 'seen' => ''])
            ->assertSessionHasErrors('policy');
        self::assertStringContainsString('it is “Every function” now', (string) session('errors')->first('policy'));
        self::assertSame(Policy::EveryFunction, $this->siteJob()->bridge_policy);
        $this->put('/jobs/lantern-house/bridge-policy', ['policy' => 'fewest-boxes', 'seen' => 'every-function'])
            ->assertSessionHasNoErrors();
        self::assertSame(Policy::FewestBoxes, $this->siteJob()->bridge_policy);
        $this->put('/jobs/lantern-house/bridge-policy', ['policy' => 'cheapest', 'seen' => ''])->assertSessionHasErrors('policy');
    }

    public function test_the_moves_lead_from_the_choice_over_the_box_to_what_the_client_is_told(): void
    {
        $this->as('mara')->put('/jobs/lantern-house/bridge-policy', ['policy' => 'local-first', 'seen' => '']);
        $this->get(self::PAGE)->assertSee('Bring the Export box')->assertSee('119');
        $this->post('/jobs/lantern-house/bridge-boxes/export-box/arrival')->assertRedirect(self::PAGE);
        self::assertTrue(BridgeBox::query()->where('key', 'export-box')->firstOrFail()->is_owned);
        $this->get(self::PAGE)->assertSee('Tell Odile Harrow what will not work')->assertSee('The standard has no word for siren');

        $this->post('/jobs/lantern-house/told-losses', ['seen' => 'of another page'])->assertRedirect(self::PAGE);
        self::assertSame(0, $this->siteJob()->toldLosses()->count(), 'only what was read out is told');
        preg_match('/name="seen" value="([^"]+)"/', (string) $this->get(self::PAGE)->getContent(), $found);
        $this->post('/jobs/lantern-house/told-losses', ['seen' => $found[1] ?? ''])->assertRedirect(self::PAGE);
        $this->get(self::PAGE)->assertSee('Hub to Tansy, Matter bridge')->assertSee('act 1 of 7');
        self::assertTrue($this->logged('Said to Odile Harrow: 2 wants can’t be met.'));
    }

    public function test_what_is_lost_for_another_reason_is_said_anew(): void
    {
        $this->as('mara');
        $bridging = $this->bridging();
        $this->post('/jobs/lantern-house/told-losses', ['seen' => implode(' ', array_map(
            static fn (Impossible $one): string => PathChoice::mark($one, $bridging->because($one)),
            $bridging->untold(),
        ))]);
        self::assertSame([], $this->bridging()->untold());
        BridgeBox::query()->where('key', 'hub-box')->delete();
        self::assertNotSame([], $this->bridging()->untold());
    }

    public function test_an_ecosystem_is_noted_changed_and_taken_back(): void
    {
        $this->as('mara');
        Ecosystem::query()->where('key', 'voice')->delete();
        $this->get(self::PAGE)->assertSee('Ask which voice platform Odile Harrow has');
        $this->get(self::PAGE.'?lens=boxes&at=add+ecosystem+voice')->assertOk()
            ->assertSee('<option value="tansy" selected', false)->assertSee('wanted from, not noted');
        $this->post('/jobs/lantern-house/ecosystems', self::ECOSYSTEM)->assertRedirect(self::PAGE.'?lens=boxes&at=ecosystem%20tansy');
        $one = Ecosystem::query()->where('key', 'tansy')->firstOrFail();
        self::assertSame(['Tansy', null], [$one->name, $one->matter_release]);
        $this->get(self::PAGE.'?lens=boxes&at=ecosystem+tansy')->assertOk()->assertSee('Odile Harrow')->assertSee('1.2, by its sheet');

        $this->put('/jobs/lantern-house/ecosystems/tansy', ['matter_release' => '1.4', 'lock_version' => 1] + self::ECOSYSTEM);
        self::assertSame('1.4', $one->refresh()->matter_release);
        $this->put('/jobs/lantern-house/ecosystems/tansy', ['note' => 'x', 'lock_version' => 1] + self::ECOSYSTEM)->assertStatus(409);
        $this->put('/jobs/lantern-house/ecosystems/tansy', ['matter_release' => 'new', 'lock_version' => 2] + self::ECOSYSTEM)
            ->assertSessionHasErrors('matter_release');
        $this->post('/jobs/lantern-house/ecosystems', ['sheet' => 'nothing'] + self::ECOSYSTEM)->assertSessionHasErrors('sheet');
        $this->post('/jobs/lantern-house/ecosystems', self::ECOSYSTEM);
        self::assertSame(['tansy', 'tansy-2'], Ecosystem::query()->where('name', 'Tansy')->orderBy('id')->pluck('key')->all());
        $this->delete('/jobs/lantern-house/ecosystems/tansy-2')->assertRedirect(self::PAGE.'?lens=boxes');
        self::assertSame(1, Ecosystem::query()->where('name', 'Tansy')->count());
    }

    public function test_an_account_that_is_nobodys_is_asked_about(): void
    {
        $this->as('mara');
        $this->siteJob()->update(['bridge_policy' => Policy::LocalFirst]);
        BridgeBox::query()->update(['is_owned' => true]);
        Ecosystem::query()->where('key', 'phone')->update(['account_of' => null]);
        self::assertSame([BridgeStepKind::SayWhoseAccount, 'phone'], [$this->bridging()->step()->kind, $this->bridging()->step()->id]);
        $this->get(self::PAGE)->assertSee('Say whose the account of Wicket is');
    }

    public function test_a_box_is_noted_weighed_and_left_out(): void
    {
        $this->as('mara')->post('/jobs/lantern-house/bridge-boxes', self::BOX)
            ->assertRedirect(self::PAGE.'?lens=boxes&at=box%20second-service');
        $this->get(self::PAGE.'?lens=boxes&at=box+second-service')->assertOk()->assertSee('cloud account, over a cloud');
        $this->post('/jobs/lantern-house/bridge-boxes', ['gateway' => 'hub'] + self::BOX)
            ->assertSessionHasErrors(['gateway' => 'That hub is described by “Hub” already. Change that one.']);
        $this->put('/jobs/lantern-house/bridge-boxes/second-service', ['gateway' => 'hub', 'lock_version' => 1] + self::BOX)
            ->assertSessionHasErrors('gateway');
        $this->put('/jobs/lantern-house/bridge-boxes/second-service', ['firmware' => '2.0', 'lock_version' => 1] + self::BOX);
        self::assertSame('2.0', BridgeBox::query()->where('key', 'second-service')->value('firmware'));
        $this->put('/jobs/lantern-house/bridge-boxes/second-service', ['firmware' => '3', 'lock_version' => 1] + self::BOX)
            ->assertStatus(409);
        $this->delete('/jobs/lantern-house/bridge-boxes/second-service')->assertRedirect(self::PAGE.'?lens=boxes');
        self::assertSame(0, BridgeBox::query()->where('key', 'second-service')->count());

        $this->delete('/jobs/lantern-house/bridge-boxes/export-box');
        self::assertGreaterThan(1, count($this->bridging()->untold()), 'without the box more is lost');
    }

    public function test_a_hub_of_which_nothing_is_said_is_asked_about(): void
    {
        $this->as('mara');
        BridgeBox::query()->where('key', 'hub-box')->delete();
        $this->get(self::PAGE)->assertSee('Say what the hub passes on');
        $this->get(self::PAGE.'?lens=boxes&at=add+box+hub')->assertOk()->assertSee('<option value="hub" selected', false)
            ->assertSee('<option value="own-hub" selected', false);
    }

    public function test_so_many_boxes_to_buy_that_they_can_t_be_weighed_leave_a_way_out(): void
    {
        $this->as('mara');
        $sheet = BridgeSheet::query()->where('key', 'hub-service')->firstOrFail();
        foreach (range(1, 12) as $number) {
            BridgeBox::query()->create([
                'site_job_id' => $this->siteJob()->id, 'bridge_sheet_id' => $sheet->id, 'key' => "b{$number}", 'name' => "B {$number}",
                'is_owned' => false,
            ]);
        }
        $this->get(self::PAGE)->assertOk()->assertSee('Leave out boxes that nobody considers')->assertSee('14 boxes could be bought');
        $this->get('/jobs/lantern-house/pair')->assertOk()->assertSee('too many boxes');
        $this->get(self::PAGE.'?lens=boxes')->assertOk()->assertSee('B 12');
        $this->get(self::PAGE.'?lens=boxes&at=box+b12')->assertOk()->assertSee('Nobody considers it');
    }

    public function test_a_job_from_which_nothing_is_wanted_has_nothing_to_bridge(): void
    {
        $this->as('mara');
        Want::query()->where('site_job_id', $this->siteJob()->id)->whereIn('wanted_from', ['voice', 'phone', 'panel', 'bus'])->delete();
        $this->get(self::PAGE)->assertOk()->assertSee('Nothing is wanted from elsewhere')->assertDontSee('to settle');
        $this->get('/jobs/weir-cottage/bridge')->assertOk()->assertSee('Nothing is wanted from elsewhere');
    }

    public function test_a_row_tells_its_path_hop_by_hop(): void
    {
        $page = (string) $this->as('mara')->get(self::PAGE)->getContent();
        preg_match('/at=row\+([0-9a-f]+)"[^>]*aria-label="Store yard doorbell/', $page, $found);
        $this->get(self::PAGE.'?at=row+'.($found[1] ?? ''))->assertOk()
            ->assertSee('To Wicket')->assertSee('it stops')->assertSee('0.4 to 1.5 s')->assertSee('key presses, picture');
        preg_match('/at=row\+([0-9a-f]+)"[^>]*aria-label="Store yard door lock/', $page, $found);
        $this->get(self::PAGE.'?at=row+'.($found[1] ?? ''))->assertOk()
            ->assertSee('Deleting it in Wicket is not offered')->assertSee('2 others go with it')->assertSee('the others stay');
        $this->get(self::PAGE.'?at=row+nothing')->assertOk()->assertSee('Choose by which paths');
    }

    /** @param array<string, string> $data */
    #[TestWith(['put', '/bridge-policy', ['policy' => 'local-first']])]
    #[TestWith(['post', '/told-losses', []])]
    #[TestWith(['post', '/ecosystems', self::ECOSYSTEM])]
    #[TestWith(['delete', '/ecosystems/voice', []])]
    #[TestWith(['post', '/bridge-boxes', self::BOX])]
    #[TestWith(['post', '/bridge-boxes/export-box/arrival', []])]
    public function test_the_office_looks_and_changes_nothing(string $method, string $path, array $data): void
    {
        $this->as('wren')->get(self::PAGE)->assertOk()->assertDontSee('Look at the three');
        $this->call($method, '/jobs/lantern-house'.$path, $data)->assertForbidden();
    }

    public function test_a_lead_puts_a_sheet_right_and_every_job_follows(): void
    {
        $sheet = BridgeSheet::query()->withoutGlobalScopes()->where('key', 'own-hub')->firstOrFail();
        $page = "/catalogue/bridges/{$sheet->id}";
        $fields = [
            'name' => 'Own hub', 'accepts' => '', 'matterRelease' => '1.4', 'mostDevices' => '', 'caution' => '', 'hub' => '1',
            'wraps' => '1',
            'offers' => "matter-bridge, release 1.3\ndriver\nhub-link", 'latencyMs' => '30', 'cost' => '0', 'yearlyCost' => '0',
            'support' => 'maintained', 'whenMakerStops' => '', 'lock_version' => 1,
        ];
        $this->as('idris')->get($page)->assertOk()->assertSee('Own hub')->assertDontSee('Put this entry right');
        $this->put($page, $fields)->assertForbidden();
        $this->as('mara')->get($page)->assertOk()->assertSee('matter-bridge, release 1.2, without button, turn');
        self::assertSame(['export-box'], $this->bridging()->plan()->buying->ids());
        $this->put($page, $fields)->assertRedirect($page);
        self::assertSame([], $this->bridging()->plan()->buying->ids(), 'its own export passes the leak alarm on now');
        self::assertTrue($sheet->refresh()->box()->wraps);
        $this->get($page)->assertSee('It shows one function as another')->assertSee('name="wraps" value="1"', false);
        $this->put($page, [
            'acts' => "over matter-bridge\nswitch on: Switch it on (4 min)\nclient scan: Scan it (1 min)", 'taking' => '',
            'lock_version' => 2,
        ] + $fields)->assertSessionHasNoErrors()->assertRedirect($page);
        self::assertSame([4, 1], array_map(static fn ($act): int => $act->minutes, $sheet->refresh()->box()->acts[' matter-bridge']));
        $this->put($page, ['acts' => "over driver\ndance", 'lock_version' => 3] + $fields)->assertSessionHasErrors('acts');
        $this->put($page, ['acts' => 'expect: nothing', 'lock_version' => 3] + $fields)->assertSessionHasErrors('acts');
        $this->put($page, ['taking' => 'dance', 'lock_version' => 3] + $fields)->assertSessionHasErrors('taking');
        $this->put($page, $fields)->assertStatus(409);
        $this->put($page, ['offers' => 'matter-bridge, release new', 'lock_version' => 3] + $fields)->assertSessionHasErrors('offers');
        $this->put($page, ['accepts' => 'zigbee; zwave', 'lock_version' => 3] + $fields)->assertSessionHasErrors('catalogue');
        $this->post("{$page}/copies", ['key' => 'own-hub'])->assertSessionHasErrors('key');
        $this->post("{$page}/copies", ['key' => 'own-hub-2'])->assertRedirect();
        self::assertSame(SheetKind::Box, BridgeSheet::query()->where('key', 'own-hub-2')->firstOrFail()->kind);
        $this->as('sol')->get($page)->assertNotFound();
    }

    public function test_a_lead_puts_an_ecosystem_right(): void
    {
        $sheet = BridgeSheet::query()->withoutGlobalScopes()->where('key', 'wicket')->firstOrFail();
        $this->as('mara')->put("/catalogue/bridges/{$sheet->id}", [
            'name' => 'Wicket', 'kind' => 'phone', 'accepts' => 'matter-bridge', 'knows' => 'on-off, siren', 'matterRelease' => '1.4',
            'removal' => 'single', 'account' => '', 'nameLength' => '20', 'mostDevices' => '', 'caution' => '', 'addsRoom' => '1',
            'lock_version' => 1,
        ])->assertSessionHasNoErrors();
        $core = $sheet->refresh()->ecosystem();
        self::assertSame([['on-off', 'siren'], 20, true, false], [$core->knows, $core->nameLength, $core->addsRoom, $core->needsInternet]);
    }

    public function test_what_is_opened_at_a_box_is_registered_with_its_effect_and_closed(): void
    {
        $this->as('mara');
        $at = self::PAGE.'?lens=boxes&at=box+hub-box';
        $this->get($at)->assertSee('Something is open for the work');
        $opening = ['opening' => 'remote-access', 'of' => 'Hub', 'at' => 'box hub-box'];
        $this->post('/jobs/lantern-house/openings', $opening)->assertSessionHasErrors('until');
        $this->post('/jobs/lantern-house/openings', ['opening' => 'a door'] + $opening)->assertSessionHasErrors('opening');
        $until = ['until' => now()->addWeek()->format('Y-m-d')];
        $this->post('/jobs/lantern-house/openings', $opening + $until)->assertSessionHasNoErrors();
        $this->post('/jobs/lantern-house/openings', $opening + $until);
        $state = $this->siteJob()->temporaryStates()->where('what', 'like', 'Remote access, Hub: %')->sole();
        $this->get($at)->assertSee('whoever has it works the house from outside; we switch it off on the page of the box.');
        $this->get('/jobs/lantern-house/snags')->assertSee('Remote access, Hub');
        $this->delete("/jobs/lantern-house/temporary-states/{$state->key}");
        $this->get($at)->assertDontSee('works the house from outside');
        $this->as('wren')->get($at)->assertDontSee('Something is open for the work');
        $this->post('/jobs/lantern-house/openings', $opening + $until)->assertForbidden();
    }

    private function bridging(): JobBridging
    {
        return JobBridging::of(JobSheet::of($this->siteJob()));
    }
}
