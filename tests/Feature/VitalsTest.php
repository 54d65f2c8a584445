<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Prune;
use App\Vitals\DatabaseAway;
use App\Vitals\Heartbeat;
use App\Vitals\Part;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PDOException;
use Tests\TestCase;

final class VitalsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
    }

    public function test_what_is_away_stands_on_every_page_with_the_time_and_goes_when_it_is_back(): void
    {
        $this->beat(Part::Listener);
        $at = now()->onSite()->format('H:i');
        $this->get('/jobs/lantern-house/pair')->assertDontSee('The hub listener');
        $this->travel(30)->seconds();
        foreach (['survey', 'pair', 'name', 'mesh', 'hand-over'] as $page) {
            $this->get("/jobs/lantern-house/{$page}")
                ->assertSee("The hub listener has given no sign of life since {$at}.");
        }
        $this->beat(Part::Listener);
        $this->get('/jobs/lantern-house/pair')->assertDontSee('The hub listener');
    }

    public function test_a_page_that_is_open_learns_of_it_though_nothing_was_done_on_the_job(): void
    {
        $this->beat(Part::Listener);
        $page = (string) $this->get('/jobs/lantern-house/pair')->getContent();
        preg_match('/data-live-url="[^"]*since=([\w-]+)"/', $page, $since);
        $tick = fn () => $this->htmx('GET', '/jobs/lantern-house/pair?since='.($since[1] ?? ''));
        $tick()->assertNoContent();
        $this->travel(30)->seconds();
        $tick()->assertOk()->assertSee('The hub listener has given no sign of life since');
    }

    public function test_up_names_each_part_that_gives_no_sign_of_life(): void
    {
        array_map($this->beat(...), Part::cases());
        $this->get('/up')->assertOk()->assertSee('All is there');
        $this->travel(160)->seconds();
        $this->beat(Part::Listener);
        $this->get('/up')->assertOk()->assertSee('The queue worker')->assertSee('The scheduler')->assertDontSee('The hub listener');
        $this->getJson('/up')->assertOk()->assertExactJson(['away' => ['commands', 'queue', 'schedule']]);
    }

    public function test_without_its_database_up_says_so_and_a_page_tells_what_is_away(): void
    {
        $this->beat(Part::Database);
        $at = now()->onSite()->format('H:i');
        config(['database.connections.away' => [...(array) config('database.connections.mariadb'), 'unix_socket' => '/nowhere/db.sock']]);
        DB::setDefaultConnection('away');
        $words = "The database has given no sign of life since {$at}.";
        $this->get('/up')->assertStatus(503)->assertSee($words);
        auth()->forgetGuards();
        $this->get('/jobs')->assertRedirect('/sign-in');
        $this->post('/sign-in', ['email' => 'mara@tarn-thistle.example', 'password' => 'lantern-house'])
            ->assertStatus(503)
            ->assertHeader('Retry-After', '3')
            ->assertSee($words)
            ->assertSee('What was confirmed as saved is saved.');
        DB::setDefaultConnection('mariadb');
    }

    public function test_a_wrong_query_is_no_absence(): void
    {
        try {
            DB::select('select nothing from nowhere');
            self::fail('There is such a table.');
        } catch (QueryException $wrong) {
            self::assertFalse(DatabaseAway::explains($wrong));
        }
        self::assertTrue(DatabaseAway::explains(new PDOException('SQLSTATE[HY000] [2002] No such file or directory')));
    }

    public function test_what_nobody_can_need_any_more_is_taken_away_and_the_rest_stays(): void
    {
        $userId = $this->user()->id;
        foreach (['old-key-0001' => 49, 'new-key-0001' => 47] as $key => $hours) {
            DB::table('idempotency_keys')->insert([
                'user_id' => $userId, 'key' => $key, 'request_hash' => str_repeat('0', 64), 'created_at' => now()->subHours($hours),
            ]);
        }
        $job = $this->siteJob();
        $kept = DB::table('forecasts')->where('site_job_id', $job->id)->where('plan_version', $job->plan_version)->count();
        $old = DB::table('forecasts')->where('site_job_id', $job->id)->first();
        DB::table('forecasts')->insert([...(array) $old, 'id' => null, 'plan_version' => 0]);
        $gone = (new Prune(app('files')))->run();

        self::assertSame([1, 1], [$gone['idempotency keys'], $gone['old forecasts']]);
        self::assertTrue(DB::table('idempotency_keys')->where('key', 'new-key-0001')->exists());
        self::assertGreaterThan(0, $kept);
        self::assertSame($kept, DB::table('forecasts')->where('site_job_id', $job->id)->count());
    }

    public function test_old_sessions_and_kept_pages_are_taken_away_by_their_age(): void
    {
        $folder = sys_get_temp_dir().'/kavvel-prune-'.getmypid();
        mkdir($folder);
        config(['session.files' => $folder, 'session.lifetime' => 720, 'cache.stores.file.path' => "{$folder}/none"]);
        touch("{$folder}/old", time() - 721 * 60);
        touch("{$folder}/new", time() - 719 * 60);
        self::assertSame(1, (new Prune(app('files')))->run()['sessions']);
        self::assertFileExists("{$folder}/new");
        unlink("{$folder}/new");
        rmdir($folder);
    }

    private function beat(Part $part): void
    {
        Heartbeat::of($part);
        touch(config('kavvel.beats')."/{$part->value}", now()->getTimestamp());
    }
}
