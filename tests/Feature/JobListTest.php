<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JoinWindow;
use App\Models\SiteJob;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Kavvel\Core\Pairing\AttemptState;
use Tests\TestCase;
use Tests\WithStandin;

final class JobListTest extends TestCase
{
    use WithStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_a_new_job_is_begun_from_the_page_and_measured_room_by_room(): void
    {
        $this->post('/jobs', ['name' => 'Heron Mill', 'client_name' => 'Ines Marl', 'address' => '4 Weir Lane', 'region' => 'EU',
            'mains' => '230-50', 'latitude' => '51,2', 'longitude' => '-1.4'])
            ->assertRedirect('/jobs/heron-mill');
        $this->get('/jobs/heron-mill/survey')->assertOk()->assertSee('Measure the first room');
        foreach (['survey', 'pair', 'name', 'mesh', 'hand-over'] as $station) {
            $this->get("/jobs/heron-mill/{$station}")->assertOk();
        }
        $storey = $this->siteJob('heron-mill')->storeys()->firstOrFail()->key;
        $room = ['edit' => 'add-room', 'storey' => $storey, 'kind' => 'room'];
        $this->htmx('POST', '/jobs/heron-mill/plan-edits', [...$room, 'measured' => 'kitchen'])->assertStatus(422);
        $this->post('/jobs/heron-mill/plan-edits', [...$room, 'measured' => 'kitchen 4.2 x 3.6'])->assertRedirect();

        self::assertSame(['Kitchen'], $this->siteJob('heron-mill')->rooms()->get()->map->name->map(ucfirst(...))->all());
        self::assertSame(2, $this->siteJob('heron-mill')->plan_version);
    }

    public function test_a_job_says_what_is_missing_in_the_words_of_the_page(): void
    {
        $this->followingRedirects()->from('/jobs')->post('/jobs', ['name' => '', 'client_name' => '', 'address' => '', 'region' => 'EU'])
            ->assertSee('Say what the job is called')
            ->assertSee('Say who the client is.')
            ->assertSee('Say where the house is.');
        self::assertSame(4, SiteJob::query()->count());
    }

    public function test_a_hub_is_linked_taken_off_and_linked_again(): void
    {
        $this->post('/jobs/calico-court/hubs', [
            'name' => 'Cellar hub',
            'room' => $this->siteJob('calico-court')->rooms()->firstOrFail()->key,
        ])
            ->assertRedirect();
        $hub = $this->siteJob('calico-court')->gateways()->where('name', 'Cellar hub')->firstOrFail();
        $link = ['url' => 'http://192.0.2.9:8080', 'token' => 'feature-token'];
        $this->startStandin();
        $this->htmx('PUT', "/jobs/calico-court/hubs/{$hub->key}", [...$link, 'token' => 'another'])->assertStatus(422);
        self::assertNull($hub->refresh()->url, 'a hub that refuses the token is not linked');
        $this->put("/jobs/calico-court/hubs/{$hub->key}", $link)->assertRedirect();
        self::assertSame('http://192.0.2.9:8080', $hub->refresh()->url);
        self::assertSame(
            ['zigbee', 'zwave', 'thread', 'matter', 'wifi', 'bluetooth', 'ir', 'rf', 'wired'],
            $hub->networks()->where('linked', true)->get()->map->protocol->map->value->all(),
        );
        $this->get('/jobs/calico-court/forms/hubs')->assertSee('Take the link off Cellar hub');
        $this->delete("/jobs/calico-court/hubs/{$hub->key}")->assertRedirect();

        self::assertNull($hub->refresh()->url);
        $this->get('/jobs/calico-court/forms/hubs')->assertSee('Link Cellar hub');
    }

    public function test_a_window_of_a_hub_whose_link_is_taken_off_is_over_with_its_attempt(): void
    {
        $this->startStandin();
        $this->post('/jobs/lantern-house/windows', ['slot' => 'hall-relay'])->assertRedirect();
        $hub = $this->siteJob()->gateways()->whereNotNull('url')->firstOrFail();
        $this->delete("/jobs/lantern-house/hubs/{$hub->key}")->assertRedirect();

        self::assertSame('ended', JoinWindow::query()->value('state'));
        self::assertSame(AttemptState::Stopped, $this->slot('hall-relay')->pairAttempts()->latest('id')->value('state'));
    }

    public function test_an_archived_job_leaves_the_list_and_comes_back(): void
    {
        $this->put('/jobs/calico-court/archive')->assertRedirect();
        $this->get('/jobs')->assertSee('1 in the archive');
        self::assertNotNull($this->siteJob('calico-court')->archived_at);
        $this->put('/jobs/calico-court/archive')->assertRedirect();

        $this->get('/jobs')->assertDontSee('in the archive');
        self::assertNull($this->siteJob('calico-court')->archived_at);
    }

    public function test_a_job_is_deleted_for_good_from_the_archive_only_and_by_its_name(): void
    {
        Storage::fake('local');
        Storage::disk('local')->put("packs/{$this->siteJob('calico-court')->id}/1.pdf", 'pack');
        foreach (['underlays', 'points'] as $pictures) {
            Storage::disk('local')->put("{$pictures}/{$this->siteJob('calico-court')->id}/1.jpg", 'picture');
        }
        $this->htmx('DELETE', '/jobs/calico-court', ['written' => 'Flat 9B, Calico Court'])
            ->assertStatus(422)
            ->assertSee('is not in the archive');
        $this->put('/jobs/calico-court/archive')->assertRedirect();
        $this->get('/jobs')->assertSee('Delete Flat 9B, Calico Court for good');
        $this->htmx('DELETE', '/jobs/calico-court', ['written' => 'Calico Court'])->assertStatus(422)->assertSee('Nothing was deleted.');
        $this->as('idris')->delete('/jobs/calico-court', ['written' => 'Flat 9B, Calico Court'])->assertNotFound();
        $id = $this->as('mara')->siteJob('calico-court')->id;
        $this->delete('/jobs/calico-court', ['written' => 'Flat 9B, Calico Court'])->assertRedirect('/jobs');

        self::assertSame(3, SiteJob::query()->count());
        self::assertSame(0, DB::table('slots')->where('site_job_id', $id)->count());
        Storage::disk('local')->assertMissing(["packs/{$id}/1.pdf", "underlays/{$id}/1.jpg", "points/{$id}/1.jpg"]);
    }

    public function test_the_same_file_again_says_so_and_a_second_job_shares_no_hub(): void
    {
        $export = (string) $this->get('/jobs/calico-court/export')->getContent();
        $file = static fn (): UploadedFile => UploadedFile::fake()->createWithContent('job.json', $export);
        $this->followingRedirects()->from('/jobs')->post('/job-files', ['file' => $file()])->assertSee('is here already');
        $broken = (string) preg_replace('/"acceptanceDb": [\d.]+/', '"acceptanceDb": "much"', $export);
        $this->followingRedirects()->from('/jobs')
            ->post('/job-files', ['file' => UploadedFile::fake()->createWithContent('job.json', $broken)])
            ->assertSee('$.job.acceptanceDb');
        self::assertSame(4, SiteJob::query()->count());
        $this->post('/job-files', ['file' => $file(), 'again' => '1'])->assertRedirect();

        self::assertSame(5, SiteJob::query()->count());
        $second = SiteJob::query()->latest('id')->firstOrFail();
        self::assertSame([null], $second->gateways()->pluck('url')->unique()->all());
    }
}
