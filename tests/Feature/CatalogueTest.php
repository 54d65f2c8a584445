<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\CompanyExperience;
use App\Models\JoinWindow;
use App\Models\Node;
use App\Models\PairAttempt;
use App\Models\Profile;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Catalogue\CatalogueFile;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Experience;
use Opis\JsonSchema\Validator;
use Tests\TestCase;

final class CatalogueTest extends TestCase
{
    private const ENTRY = [
        'name' => 'Water sensor', 'model' => 'TW-WET-2', 'capabilities' => 'leak, temperature', 'caution' => '',
        'light' => 'the drop blinks fast',
        'pattern' => 'blink', 'colour' => 'blue', 'perSecond' => '2,5', 'join' => "Pull the battery tab\nHold the button for 4 s",
        'leave' => 'Hold the button for 12 s', 'needs' => 'A dry floor', 'limits' => 'It does not float', 'lock_version' => '1',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_lead_puts_an_entry_right_and_every_job_shows_it(): void
    {
        $this->get('/catalogue/zb-leak')->assertOk()->assertSee('Hold the button for 3 s')->assertSee('Put this entry right');
        $this->get('/jobs/lantern-house/pair?next=bath-leak')->assertSee('Hold the button for 3 s');
        $this->put('/catalogue/zb-leak', self::ENTRY)->assertRedirect('/catalogue/zb-leak');

        $this->get('/catalogue/zb-leak')
            ->assertSeeInOrder(['Water sensor', 'It does not float', 'A dry floor', 'Pull the battery tab', 'Hold the button for 4 s']);
        $this->get('/jobs/lantern-house/pair?next=bath-leak')
            ->assertSee('Hold the button for 4 s')
            ->assertSee('The drop blinks fast')
            ->assertDontSee('Hold the button for 3 s');
        $recipe = Profile::query()->where('key', 'zb-leak')->firstOrFail()->data['recipe'];
        self::assertSame([2.5, 'blue', ['A dry floor']], [$recipe['light']['perSecond'], $recipe['light']['colour'], $recipe['needs']]);
        self::assertArrayHasKey('owned', $recipe['signs'], 'what the form does not show stays');
    }

    public function test_two_who_change_one_entry_are_told(): void
    {
        $this->put('/catalogue/zb-leak', self::ENTRY)->assertRedirect();
        $this->put('/catalogue/zb-leak', self::ENTRY)->assertStatus(409);
    }

    public function test_what_can_not_be_read_is_said_and_nothing_changes(): void
    {
        $this->from('/catalogue/zb-leak')->put('/catalogue/zb-leak', ['join' => "Pull the battery tab\nSing"] + self::ENTRY)
            ->assertSessionHasErrors('join');
        self::assertStringContainsString('Line 2, “Sing”, is no step.', session('errors')->first('join'));
        $this->put('/catalogue/zb-leak', ['light' => ''] + self::ENTRY)->assertSessionHasErrors('light');
        $this->put('/catalogue/zb-leak', ['perSecond' => '40'] + self::ENTRY)->assertSessionHasErrors('perSecond');

        self::assertSame(1, Profile::query()->where('key', 'zb-leak')->firstOrFail()->lock_version);
    }

    public function test_a_catalogue_goes_out_and_comes_in_again(): void
    {
        $json = (string) $this->get('/catalogue.json')->assertOk()->getContent();
        $entries = CatalogueFile::parse($json);
        $this->assertFollowsTheSchema($json);

        $this->bring($json)->assertSessionHas('saved', 'Taken in: 0 new, 0 changed.');
        $entries[0]['name'] = 'Another name';
        $this->bring(CatalogueFile::write([...$entries, ['key' => 'brand-new'] + $entries[1]]))
            ->assertSessionHas('saved', 'Taken in: 1 new, 1 changed.');
        self::assertSame('Another name', Profile::query()->where('key', $entries[0]['key'])->firstOrFail()->data['name']);
    }

    public function test_a_broken_entry_names_its_path_and_nothing_is_taken(): void
    {
        $this->bring('{"format":"kavvel-catalogue","version":1,"profiles":[{"key":"x","name":"X"}]}')
            ->assertSessionHasErrors([
                'catalogue' => 'Nothing was taken in. At $.profiles[0].protocol: A value is missing at $.profiles[0].protocol.',
            ]);
        $this->bring('{"format":"kavvel-job"}')->assertSessionHasErrors('catalogue');
        $this->bring('no')->assertSessionHasErrors('catalogue');
        $this->post('/catalogue')->assertSessionHasErrors('file');
    }

    public function test_what_comes_with_the_application_fills_the_gaps(): void
    {
        $before = Profile::query()->count();
        $standard = (string) file_get_contents(database_path('catalogue/standard.json'));
        $this->assertFollowsTheSchema($standard);
        self::assertGreaterThanOrEqual(40, count(CatalogueFile::parse($standard)));
        $this->post('/catalogue/standard')->assertRedirect('/catalogue');

        self::assertGreaterThan($before, Profile::query()->count());
        $this->get('/catalogue/mt-bridge')->assertSeeInOrder(['Bridge box', 'What it can’t', 'Removing it takes all that is behind it']);
    }

    public function test_an_entry_is_begun_like_another(): void
    {
        $this->post('/catalogue/zb-leak/copies', ['key' => 'zb-leak-2'])->assertRedirect('/catalogue/zb-leak-2');
        $this->post('/catalogue/zb-leak/copies', ['key' => 'zb-leak-2'])->assertSessionHasErrors('key');
        $this->post('/catalogue/zb-leak/copies', ['key' => 'Not A Key'])->assertSessionHasErrors('key');
        self::assertSame('zb-leak-2', Profile::query()->where('key', 'zb-leak-2')->firstOrFail()->data['key']);
    }

    public function test_a_revision_has_a_recipe_of_its_own(): void
    {
        $entry = Profile::query()->where('key', 'zb-leak')->firstOrFail();
        $recipe = $entry->data['recipe'] + ['variants' => [
            ['hardware' => 'rev B', 'join' => [['do' => 'press', 'times' => 5, 'seconds' => 3, 'target' => 'the drop']]],
        ]];
        $entry->update(['data' => ['recipe' => $recipe] + $entry->data]);
        $card = '/jobs/lantern-house/pair?next=bath-leak';
        $this->get($card)->assertSee('Its revision, on the label')->assertSee('Hold the button for 3 s');

        $this->put('/jobs/lantern-house/slots/bath-leak/hardware', ['hardware' => 'rev B'])->assertRedirect($card);
        $this->get($card)->assertSee('Press the drop 5 times within 3 s')->assertDontSee('Hold the button for 3 s');
        $this->put('/jobs/lantern-house/slots/bath-leak/hardware', ['hardware' => 'rev Z'])->assertSessionHasErrors('hardware');
        $this->put('/jobs/lantern-house/slots/bath-leak/hardware', ['hardware' => ''])->assertRedirect($card);
        self::assertNull($this->slot('bath-leak')->hardware);
    }

    public function test_only_leads_change_it_and_a_company_sees_its_own(): void
    {
        $this->as('idris')->get('/catalogue/zb-leak')->assertOk()->assertDontSee('Put this entry right');
        $this->put('/catalogue/zb-leak', self::ENTRY)->assertForbidden();
        $this->post('/catalogue/standard')->assertForbidden();
        $this->as('sol')->get('/catalogue')->assertOk()->assertDontSee('TW-RELAY-1');
        $this->get('/catalogue/zb-leak')->assertNotFound();
    }

    public function test_what_befell_devices_of_a_model_is_said_at_the_next(): void
    {
        foreach (['boot-leak' => 2, 'bath-leak' => 0] as $key => $failures) {
            $slot = $this->slot($key);
            $slot->pairAttempts()->delete();
            for ($try = 0; $try <= $failures; $try++) {
                PairAttempt::query()->create([
                    'site_job_id' => $slot->site_job_id, 'slot_id' => $slot->id, 'missing' => $try < $failures ? ['leak'] : [],
                    'state' => $try < $failures ? AttemptState::InPart : AttemptState::Joined,
                    'started_at' => now()->addMinutes(10 * $try), 'ended_at' => now()->addMinutes(10 * $try + 3),
                ]);
            }
        }
        $words = CompanyExperience::of($slot->profile_id)?->words();

        self::assertSame(
            '2.0 tries on average over 2 devices, 6 min each; the interview is often cut short.',
            $words,
        );
        $this->get('/catalogue/zb-leak')->assertSee($words);
        $this->get('/jobs/lantern-house/pair?next=wash-leak')->assertSee($words);

        self::assertSame([], CompanyExperience::byFirmware($slot->profile_id));
        $node = Node::query()->where('site_job_id', $slot->site_job_id)->firstOrFail();
        $node->update(['firmware' => '2.1']);
        PairAttempt::query()->whereRelation('slot', 'profile_id', $slot->profile_id)->update(['node_id' => $node->id]);
        self::assertSame(['2.1' => $words], array_map(
            static fn (Experience $one): string => $one->words(),
            CompanyExperience::byFirmware($slot->profile_id),
        ));
        $this->get('/catalogue/zb-leak')->assertSee('2.1');

        $hub = $this->siteJob()->gateways()->firstOrFail();
        $hub->update(['kind' => 'Box four']);
        $window = JoinWindow::query()->create([
            'site_job_id' => $slot->site_job_id, 'gateway_id' => $hub->id, 'reference' => 'w1', 'state' => 'ended', 'seconds' => 1,
        ]);
        PairAttempt::query()->whereRelation('slot', 'profile_id', $slot->profile_id)->update(['join_window_id' => $window->id]);
        self::assertSame(['2.1 at Box four'], array_keys(CompanyExperience::byFirmware($slot->profile_id)));
        self::assertFalse(CompanyExperience::at($slot->profile_id, $hub)[1], 'all of it is of hubs of this kind');
    }

    public function test_what_is_known_of_hubs_of_this_kind_comes_before_all_else(): void
    {
        $window = $this->siteJob()->gateways()->firstOrFail()->joinWindows()->create([
            'site_job_id' => $this->siteJob()->id, 'reference' => 'w1', 'state' => 'ended', 'seconds' => 1,
        ]);
        PairAttempt::query()->delete();
        foreach (['boot-leak' => null, 'bath-leak' => $window->id, 'kitchen-leak' => $window->id] as $key => $windowId) {
            $slot = $this->slot($key);
            for ($try = 0; $try < ($windowId === null ? 4 : 1); $try++) {
                PairAttempt::query()->create([
                    'site_job_id' => $slot->site_job_id, 'slot_id' => $slot->id, 'missing' => [], 'join_window_id' => $windowId,
                    'state' => $windowId === null && $try < 3 ? AttemptState::Silent : AttemptState::Joined, 'started_at' => now(),
                    'ended_at' => now()->addMinute(),
                ]);
            }
        }
        $this->get('/jobs/lantern-house/pair?next=wash-leak')
            ->assertSee('Leak sensor at hubs like this one: In at the first try over 2 devices, 1 min each.');
        $this->siteJob()->gateways()->firstOrFail()->update(['kind' => 'another box']);
        $window->gateway->update(['kind' => null, 'name' => 'Old box']);
        self::assertSame(2.0, CompanyExperience::at($this->slot('wash-leak')->profile_id, null)[0]?->tries);
    }

    /** @return TestResponse<Response> */
    private function bring(string $json): TestResponse
    {
        return $this->post('/catalogue', ['file' => UploadedFile::fake()->createWithContent('catalogue.json', $json)]);
    }

    private function assertFollowsTheSchema(string $json): void
    {
        $schema = (string) file_get_contents(base_path('docs/catalogue.schema.json'));
        self::assertTrue((new Validator)->validate(json_decode($json), $schema)->isValid());
    }
}
