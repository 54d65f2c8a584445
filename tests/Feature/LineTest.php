<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Line;
use App\Bench\StationList;
use App\Bench\Tap;
use App\JobSheet\Catalogue;
use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\Models\MeshReading;
use App\Models\Pack;
use App\Models\Profile;
use App\Models\SiteJob;
use App\Models\Snag;
use App\Radio\RadioFindings;
use Illuminate\Support\Facades\Artisan;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;
use Tests\TestCase;

final class LineTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_the_demo_job_stands_where_the_demo_says(): void
    {
        $words = array_map(static fn (Tap $tap): string => "{$tap->number} {$tap->title}: {$tap->progress->words}", $this->line()->taps);

        self::assertSame(
            [
                '1 Survey: 2 questions, 3 findings', '2 Fit: 5 to fit', '3 Pair: 48 open', '4 Name: 10 to name', '5 Mesh: not read yet',
                '6 Bridge: 3 to settle', "9 Hand over: 2 snags, 1\u{a0}temporary",
            ],
            $words,
        );
        self::assertSame([], array_filter($this->line()->taps, static fn (Tap $tap): bool => $tap->progress->isClear()));
    }

    public function test_a_station_is_clear_when_all_of_it_is_done_and_nothing_is_open(): void
    {
        foreach (['bath-heater', 'keeper-blind'] as $question) {
            $this->put("/jobs/lantern-house/questions/{$question}/answer", ['answer' => 'Yes.', 'lock_version' => 1]);
        }

        self::assertSame('3 findings', $this->tap('survey')->progress->words, 'what nobody has made a snag of is open');
        foreach ((new RadioFindings(JobSheet::of($this->siteJob())))->all() as $finding) {
            $this->post('/jobs/lantern-house/snags', ['slot' => (string) $finding->slot, 'text' => $finding->text]);
        }

        self::assertTrue($this->tap('survey')->progress->isClear());
        self::assertSame('', $this->tap('survey')->progress->words);
    }

    public function test_copper_grows_with_the_work(): void
    {
        $this->radiosAreByHand(Protocol::ZWave);
        $before = $this->tap('name')->progress->share;
        $this->put('/jobs/lantern-house/slots/front-lock/name', ['name' => 'Store yard door lock', 'lock_version' => 1]);

        self::assertGreaterThan($before, $this->tap('name')->progress->share);
        self::assertSame('9 to name', $this->tap('name')->progress->words);
    }

    public function test_the_mesh_says_what_the_last_survey_found(): void
    {
        $survey = [
            'site_job_id' => $this->siteJob()->id, 'gateway_id' => $this->siteJob()->gateways()->value('id'), 'protocol' => 'zigbee',
            'asked_at' => now(),
        ];
        MeshReading::query()->create([...$survey, 'reference' => 'one', 'state' => 'done', 'accepted' => 5, 'thin' => 3, 'lost' => 2]);
        $progress = $this->tap('mesh')->progress;
        self::assertSame(["3\u{a0}thin, 2\u{a0}lost, 4\u{a0}to read", 0.5], [$progress->words, $progress->share]);

        MeshReading::query()->create([...$survey, 'reference' => 'two', 'state' => 'done', 'accepted' => 10, 'thin' => 0, 'lost' => 0]);
        MeshReading::query()->create([...$survey, 'reference' => 'three', 'state' => 'failed']);
        self::assertTrue($this->tap('mesh')->progress->isClear());
    }

    public function test_handing_over_is_done_with_the_pack_and_open_again_with_a_snag(): void
    {
        Snag::query()->where('site_job_id', $this->siteJob()->id)->update(['state' => 'cleared']);
        $this->siteJob()->temporaryStates()->update(['closed_at' => now()]);
        self::assertFalse($this->tap('hand-over')->progress->isClear());
        Pack::query()->create(['site_job_id' => $this->siteJob()->id, 'number' => 1, 'state' => 'ready', 'asked_at' => now()]);
        self::assertTrue($this->tap('hand-over')->progress->isClear());
        $this->post('/jobs/lantern-house/snags', ['text' => 'It rattles.']);

        self::assertSame([false, '1 snag'], [$this->tap('hand-over')->progress->isClear(), $this->tap('hand-over')->progress->words]);
    }

    public function test_every_planned_slot_is_waited_for_whatever_it_speaks(): void
    {
        $waiting = array_filter(JobSheet::of($this->siteJob())->cards, static fn ($card): bool => ! $card->isIn());

        self::assertSame(count($waiting), $this->tap('pair')->progress->open);
    }

    public function test_a_job_opens_at_the_station_of_its_stage(): void
    {
        $this->get('/jobs/lantern-house')->assertRedirect('/jobs/lantern-house/pair');
        $this->get('/jobs/calico-court')->assertRedirect('/jobs/calico-court/survey');
        $this->get('/jobs/hollin-barn')->assertRedirect('/jobs/hollin-barn/hand-over');
    }

    public function test_a_changed_profile_is_read_anew(): void
    {
        $profile = Profile::query()->where('key', 'zb-plug')->firstOrFail();
        self::assertSame('Metering plug', Catalogue::of(Region::Eu)[$profile->id]->name);
        $profile->update(['data' => ['name' => 'Relay plug'] + $profile->data]);

        self::assertSame('Relay plug', Catalogue::of(Region::Eu)[$profile->id]->name);
    }

    public function test_two_people_editing_one_client_get_both_values(): void
    {
        $client = [
            'client_name' => 'Odile Harrow', 'client_email' => 'odile@example.net', 'client_phone' => '', 'address' => 'Lantern House',
            'lock_version' => 1,
        ];
        $this->put('/jobs/lantern-house/client', $client)->assertRedirect('/jobs');
        $this->put('/jobs/lantern-house/client', [...$client, 'address' => 'Old Pilot Quay'])
            ->assertStatus(409)
            ->assertSeeInOrder(['Address', 'Lantern House', 'Old Pilot Quay']);
        $this->from('/jobs')
            ->put('/jobs/lantern-house/client', [...$client, 'client_email' => 'nowhere', 'lock_version' => 2])
            ->assertSessionHasErrors('client_email');

        self::assertSame('odile@example.net', $this->siteJob()->client_email);
    }

    public function test_console_commands_say_whether_there_is_anything(): void
    {
        Artisan::call('kavvel:is-empty');
        self::assertSame('filled', trim(Artisan::output()));
        self::assertSame(4, SiteJob::query()->count());
    }

    private function line(): Line
    {
        $job = $this->siteJob();

        return Line::of(app(StationList::class), JobSheet::of($job), JobCounts::of($job));
    }

    private function tap(string $station): Tap
    {
        return $this->line()->tap($station);
    }
}
