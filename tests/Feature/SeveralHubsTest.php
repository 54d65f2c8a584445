<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Gateway\Listener;
use App\JobSheet\JobSheet;
use App\Models\Gateway;
use App\Stations\Pair\WorkList;
use Kavvel\Core\Protocol\Protocol;
use Tests\RunsStandin;
use Tests\TestCase;

final class SeveralHubsTest extends TestCase
{
    use RunsStandin;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        self::runStandin('several');
    }

    protected function tearDown(): void
    {
        self::stopStandin();
        parent::tearDown();
    }

    public function test_one_that_never_answers_delays_nobody(): void
    {
        $mute = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($mute);
        $silent = $this->hub('lantern-house');
        $silent->update(['url' => 'http://'.stream_socket_get_name($mute, false), 'token' => 'several']);
        $answering = $this->hub('calico-court');
        $answering->update(['url' => self::$url, 'token' => 'several']);
        $listener = app(Listener::class);
        for ($look = 0; $look < 40 && $answering->refresh()->epoch === null; $look++) {
            $listener->tick();
        }

        self::assertNotNull($answering->epoch);
        self::assertNull($silent->refresh()->silent_since, 'the question to the other is still under way');
        fclose($mute);
    }

    public function test_a_job_listens_to_all_of_its_hubs(): void
    {
        $first = $this->hub('lantern-house');
        $first->update(['url' => self::$url, 'token' => 'several']);
        $second = Gateway::query()->create([
            ...$first->only(['site_job_id', 'storey_id', 'x', 'y', 'z']), 'key' => 'second', 'name' => 'Shed hub',
        ]);
        $second->update(['url' => self::$url, 'token' => 'wrong']);
        app(Listener::class)->pollAll();

        self::assertNotNull($first->refresh()->epoch);
        self::assertNotNull($second->refresh()->silent_since);
        $this->get('/jobs/lantern-house/mesh')
            ->assertSee('Shed hub says nothing usable since')
            ->assertDontSee('Hub has not answered since 00');
    }

    public function test_what_a_silent_hub_holds_up_comes_after_what_another_can_pair(): void
    {
        $first = $this->hub('lantern-house');
        $first->update(['url' => self::$url, 'token' => 'several', 'silent_since' => now()]);
        $second = Gateway::query()->create([
            ...$first->only(['site_job_id', 'storey_id', 'x', 'y', 'z', 'url', 'token']), 'key' => 'second', 'name' => 'Shed hub',
        ]);
        $second->networks()->create(['site_job_id' => $first->site_job_id, 'protocol' => Protocol::ZWave, 'linked' => true]);
        $first->networks()->where('protocol', '!=', Protocol::Zigbee)->update(['linked' => false]);
        $order = WorkList::of(JobSheet::of($this->siteJob()), [])->open;

        self::assertSame(Protocol::ZWave, $order[0]['card']->profile->protocol);
        self::assertTrue($order[count($order) - 1]['card']->waitsForHub());
        $this->get('/jobs/lantern-house/pair')
            ->assertSee('Shed hub lets its first device in here')
            ->assertSee('data-move="hub-second"', false);
    }

    private function hub(string $job): Gateway
    {
        return $this->siteJob($job)->gateways()->orderBy('id')->firstOrFail();
    }
}
