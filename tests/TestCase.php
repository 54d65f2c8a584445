<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Network;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use App\Tenancy\CurrentCompany;
use Database\Seeders\DemoSeeder;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;
use Kavvel\Core\Protocol\Protocol;
use Symfony\Component\HttpFoundation\Response;

/** Against MariaDB, with the demo data; every test is rolled back. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    /** Console commands write for themselves; nothing here is mocked. */
    public $mockConsoleOutput = false;

    protected string $seeder = DemoSeeder::class;

    protected bool $seed = true;

    protected function setUp(): void
    {
        $database = (string) getenv('DB_DATABASE');
        if (! str_ends_with($database, '_test')) {
            self::fail("The tests would empty the database “{$database}”. Run them with ./kavvel test feature.");
        }
        parent::setUp();
        $this->withoutVite();
        // Signs of life that an application of this instance left behind are none of a test's.
        config(['kavvel.beats' => sys_get_temp_dir().'/kavvel-beats-'.bin2hex(random_bytes(6))]);
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory((string) config('kavvel.beats'));
        parent::tearDown();
    }

    protected function user(string $who = 'mara'): User
    {
        return User::query()->where('email', 'like', "{$who}@%")->firstOrFail();
    }

    /** Signs in, and makes that person's company the current one for the test's own queries. */
    protected function as(string $who): static
    {
        $user = $this->user($who);
        app(CurrentCompany::class)->enter($user->company_id);

        return $this->actingAs($user);
    }

    protected function siteJob(string $key = 'lantern-house'): SiteJob
    {
        return SiteJob::query()->where('key', $key)->firstOrFail();
    }

    protected function slot(string $key): Slot
    {
        return Slot::query()->where('key', $key)->firstOrFail();
    }

    /** No hub opens windows over its link for these: what is done there is written down. */
    protected function radiosAreByHand(Protocol ...$protocols): void
    {
        Network::query()->whereIn('protocol', $protocols)->update(['linked' => false]);
    }

    /**
     * @param  array<string, mixed>  $data
     * @return TestResponse<Response>
     */
    protected function htmx(string $method, string $url, array $data = []): TestResponse
    {
        return $this->call($method, $url, $data, server: ['HTTP_HX-Request' => 'true']);
    }

    protected function logged(string $text, string $job = 'lantern-house'): bool
    {
        return $this->siteJob($job)->logEntries()->where('text', 'like', "%{$text}%")->exists();
    }
}
