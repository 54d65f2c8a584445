<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Gateway\Handlers\OnDeviceLeft;
use App\Gateway\Listener;
use App\Models\Gateway;
use App\Models\GatewayEvent;
use App\Models\MeshReading;
use App\Models\Node;
use App\Models\SiteJob;
use Illuminate\Database\DeadlockException;
use Illuminate\Http\Client\Factory;
use Illuminate\Support\Facades\Http;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whatever a hub answers, it is said in words, and nothing of anybody else's stops. */
final class BrokenHubTest extends TestCase
{
    private const ADDRESS = '02A7C30000000101';

    private Gateway $hub;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        $this->hub = $this->siteJob()->gateways()->orderBy('id')->firstOrFail();
        $this->hub->update(['url' => 'http://hub.invalid', 'token' => 'token', 'epoch' => 'one', 'cursor' => 5, 'heard_at' => now()]);
        Gateway::query()->withoutGlobalScopes()->whereKeyNot($this->hub->id)->update(['url' => null]);
    }

    /** @return array<string, array{mixed, string}> */
    public static function pages(): array
    {
        $good = ['epoch' => 'one', 'clock' => '2026-11-25T10:00:00Z', 'oldest' => 1, 'newest' => 5, 'events' => []];

        return [
            'a web page' => ['<html><body>Welcome to the router</body></html>', 'is not JSON'],
            'nothing' => ['', 'is not JSON'],
            'a list' => ['[]', 'The value at $ must be an object'],
            'no clock' => [array_diff_key($good, ['clock' => 1]), 'A value is missing at $.clock'],
            'a clock in words' => [['clock' => 'tomorrow'] + $good, 'The value at $.clock must be a time'],
            'a day that there is not' => [['clock' => '2026-02-30T10:00:00Z'] + $good, 'The value at $.clock must be a time'],
            'a year beyond any clock' => [['clock' => '2226-02-03T10:00:00Z'] + $good, 'The value at $.clock must be a time'],
            'an epoch of another kind' => [['epoch' => 7] + $good, 'The value at $.epoch must be text'],
            'an endless epoch' => [['epoch' => str_repeat('e', 65)] + $good, 'The value at $.epoch must be text of at most 64 characters'],
            'events that are no list' => [['events' => ['a' => 1]] + $good, 'The value at $.events must be a list'],
            'an event without a number' => [['events' => [['type' => 'x']]] + $good, 'A value is missing at $.events[0].sequence'],
            'a number in words' => [
                ['events' => [['sequence' => 'six']]] + $good,
                'The value at $.events[0].sequence must be a whole number',
            ],
            'a number beyond the newest' => [['events' => [['sequence' => 900]]] + $good, 'The value at $.newest must be'],
        ];
    }

    #[DataProvider('pages')]
    public function test_a_page_that_is_not_as_agreed_is_said_once_with_its_path(mixed $page, string $words): void
    {
        $before = $this->siteJob()->logEntries()->count();
        $this->answer(['*/v1/events*' => Http::response($page)]);
        $this->listen();
        $this->listen();
        $this->listen();

        self::assertNotNull($this->hub->refresh()->silent_since);
        self::assertStringContainsString($words, (string) $this->hub->silent_because);
        self::assertSame(5, $this->hub->cursor);
        self::assertSame($before + 1, $this->siteJob()->logEntries()->count());
        $this->get('/jobs/lantern-house/mesh')->assertSee('says nothing usable since')->assertSee($words);

        $this->answer(['*/v1/events*' => Http::response($this->page())]);
        $this->listen();
        self::assertNull($this->hub->refresh()->silent_since);
        self::assertNull($this->hub->silent_because);
    }

    public function test_it_is_not_followed_elsewhere(): void
    {
        $this->answer(['*/v1/events*' => Http::response('', 302, ['Location' => 'http://somewhere.invalid/v1/events'])]);
        $this->listen();

        self::assertStringContainsString('It sends elsewhere, with 302.', (string) $this->hub->refresh()->silent_because);
        Http::assertNotSent(static fn ($request): bool => str_contains($request->url(), 'somewhere'));
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function events(): array
    {
        return [
            'no data' => [['data' => null], 'The value at $.data must be an object'],
            'data of another kind' => [['data' => 'text'], 'The value at $.data must be an object'],
            'no address' => [['data' => []], 'A value is missing at $.data.address'],
            'an address of another kind' => [['data' => ['address' => ['a']]], 'The value at $.data.address must be text'],
            'an endless address' => [
                ['data' => ['address' => str_repeat('A', 41)]],
                'The value at $.data.address must be text of at most 40',
            ],
            'an endless model' => [
                ['data' => ['address' => 'A', 'model' => str_repeat('m', 300)]],
                'The value at $.data.model must be text of at',
            ],
            'an unknown protocol' => [['data' => ['address' => 'A', 'protocol' => 'smoke']], 'at $.data.protocol is not one of'],
            'a day that there is not' => [['at' => '2026-13-01T00:00:00Z'], 'The value at $.at must be a time'],
            'no type' => [['type' => null], 'The value at $.type must be text'],
            'an endless type' => [['type' => str_repeat('t', 41)], 'The value at $.type must be text of at most 40 characters'],
            'endless data' => [['data' => ['address' => 'A', 'note' => str_repeat('n', 20_000)]], 'The value at $.data must be of at most'],
        ];
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('events')]
    public function test_an_event_that_is_not_as_agreed_is_set_aside_and_the_next_is_taken(array $wrong, string $words): void
    {
        $event = [
            'sequence' => 6,
            'at' => '2026-11-25T10:00:00Z',
            'type' => 'device.joined',
            'data' => ['address' => 'A', 'role' => 'end'],
        ];
        $this->answer(['*/v1/events*' => Http::response($this->page([$wrong + $event, $this->left(7)]))]);
        $this->listen();

        self::assertSame(7, $this->hub->refresh()->cursor);
        self::assertNull($this->hub->silent_since);
        self::assertSame(Node::LEFT, $this->state());
        self::assertStringContainsString($words, (string) GatewayEvent::query()->where('sequence', 6)->value('set_aside'));
        $this->get('/jobs/lantern-house/forms/hubs')->assertSee('Said by a hub, and not understood')->assertSee($words);
    }

    public function test_a_hundred_such_events_are_one_line_in_the_log(): void
    {
        $before = $this->siteJob()->logEntries()->count();
        $events = array_map(static fn (int $number): array => ['sequence' => $number, 'type' => 'device.left'], range(6, 105));
        $this->answer(['*/v1/events*' => Http::response($this->page($events))]);
        $this->listen();

        self::assertSame($before + 1, $this->siteJob()->logEntries()->count());
        self::assertSame(100, GatewayEvent::query()->whereNotNull('set_aside')->count());
    }

    public function test_what_breaks_while_it_is_carried_out_is_undone_set_aside_and_tried_again_on_demand(): void
    {
        $this->app->bind(OnDeviceLeft::class, static fn () => throw new LogicException('A handler with a fault'));
        $this->answer(['*/v1/events*' => Http::response($this->page([$this->left(6)]))]);
        $this->listen();
        $event = GatewayEvent::query()->where('sequence', 6)->firstOrFail();
        self::assertSame('Kavvel could not carry it out.', $event->set_aside);
        self::assertSame('joined', $this->state());

        $this->app->offsetUnset(OnDeviceLeft::class);
        $this->put("/jobs/lantern-house/gateway-events/{$event->id}")->assertRedirect('/jobs');
        self::assertNull($event->refresh()->set_aside);
        self::assertSame(Node::LEFT, $this->state());
        $this->as('idris')->put("/jobs/lantern-house/gateway-events/{$event->id}")->assertForbidden();
    }

    public function test_events_out_of_order_are_put_in_order_and_each_is_taken_once(): void
    {
        $back = ['sequence' => 7, 'at' => '2026-11-25T10:00:01Z', 'type' => 'device.joined', 'data' => ['address' => self::ADDRESS]];
        $this->answer(['*/v1/events*' => Http::response($this->page([$this->left(8), $back, $this->left(6), $back]))]);
        $this->listen();

        self::assertSame([6, 7, 8], GatewayEvent::query()->orderBy('id')->pluck('sequence')->all());
        self::assertSame(Node::LEFT, $this->state());
    }

    public function test_a_number_that_was_skipped_asks_for_the_nodes_once(): void
    {
        $this->answer([
            '*/v1/events*' => Http::response($this->page([$this->left(8), $this->left(10), $this->left(20)])),
            '*/v1/nodes' => Http::response(['epoch' => 'one', 'newest' => 20, 'nodes' => [
                ['address' => self::ADDRESS, 'protocol' => 'zigbee', 'role' => 'router', 'capabilities' => [], 'state' => 'joined'],
                ['address' => 'FFFF', 'protocol' => 'smoke'],
            ]]),
        ]);
        $this->listen();

        Http::assertSentCount(2);
        self::assertSame('joined', $this->state(), 'the list is newer than the events');
        self::assertSame(
            'joined',
            Node::query()->where('address', '02A7C30000000102')->value('state'),
            'a list that can’t be read whole proves no absence',
        );
        self::assertTrue($this->logged('One node of Hub can’t be read.'));
    }

    public function test_nodes_that_could_not_be_read_are_asked_for_until_they_were(): void
    {
        $restarted = ['epoch' => 'two'] + $this->page();
        $this->answer(['*/v1/events*' => Http::response($restarted), '*/v1/nodes' => Http::response('busy', 503)]);
        $this->listen();
        self::assertTrue($this->hub->refresh()->nodes_due);

        $this->answer(['*/v1/events*' => Http::response($restarted), '*/v1/nodes' => Http::response([
            'epoch' => 'two',
            'newest' => 5,
            'nodes' => [['address' => 'NEW', 'protocol' => 'zigbee', 'role' => 'end', 'capabilities' => []]],
        ])]);
        $this->listen();
        self::assertFalse($this->hub->refresh()->nodes_due);
        self::assertTrue(Node::query()->where('address', 'NEW')->exists());
        self::assertSame(Node::LEFT, $this->state());
        $this->listen();
        Http::assertSentCount(3);
    }

    public function test_a_hub_that_is_wrong_in_ever_new_ways_is_one_line_in_the_log(): void
    {
        $before = $this->siteJob()->logEntries()->count();
        foreach ([
            '{',
            '[]',
            Http::response(['error' => ['message' => 'One']], 401),
            Http::response(['error' => ['message' => 'Two']], 401),
        ] as $answer) {
            $this->answer(['*/v1/events*' => is_string($answer) ? Http::response($answer) : $answer]);
            $this->listen();
        }

        self::assertSame($before + 1, $this->siteJob()->logEntries()->count());
        self::assertSame('Two', $this->hub->refresh()->silent_because);
    }

    public function test_an_event_that_stood_in_anothers_way_is_not_set_aside(): void
    {
        $this->app->bind(OnDeviceLeft::class, static fn () => throw new DeadlockException('Deadlock found when trying to get lock'));
        $this->answer(['*/v1/events*' => Http::response($this->page([$this->left(6)]))]);
        $this->listen();

        self::assertSame(0, GatewayEvent::query()->whereNotNull('set_aside')->count());
        self::assertSame(5, $this->hub->refresh()->cursor, 'it is asked for again');
    }

    public function test_a_count_that_begins_anew_without_a_restart_is_followed(): void
    {
        $this->hub->update(['cursor' => 900]);
        $this->answer([
            '*/v1/events*' => Http::response(['newest' => 3] + $this->page()),
            '*/v1/nodes' => Http::response(['epoch' => 'one', 'newest' => 3, 'nodes' => []]),
        ]);
        $this->listen();

        self::assertSame(3, $this->hub->refresh()->cursor);
    }

    public function test_links_that_are_not_as_agreed_end_the_reading_in_words(): void
    {
        foreach ([
            ['from' => 'A', 'to' => 'B'],
            ['from' => 'A', 'to' => 'B', 'marginDb' => 'good'],
            ['from' => 'A', 'to' => 'B', 'marginDb' => 1e9],
        ] as $link) {
            $reading = MeshReading::query()->create([
                'site_job_id' => $this->siteJob()->id, 'gateway_id' => $this->hub->id, 'reference' => bin2hex(random_bytes(8)),
                'protocol' => 'zigbee', 'state' => 'reading', 'asked_at' => now(),
            ]);
            $this->answer([
                '*/v1/events*' => Http::response($this->page()), '*/v1/mesh-readings/*' => Http::response(['links' => [$link]]),
            ]);
            $this->listen();

            self::assertSame('failed', $reading->refresh()->state);
            self::assertStringContainsString('$.links[0].marginDb', (string) $reading->reason);
        }
    }

    public function test_what_a_hub_breaks_of_ours_holds_up_no_other(): void
    {
        $other = SiteJob::query()->where('key', 'calico-court')->firstOrFail()->gateways()->firstOrFail();
        $other->update(['url' => 'http://other.invalid', 'token' => 'token', 'epoch' => 'one', 'cursor' => 5]);
        $broken = $this->hub->id;
        Gateway::updating(static fn (Gateway $gateway) => $gateway->id === $broken && $gateway->isDirty('cursor')
            ? throw new LogicException('A fault of ours')
            : null);
        $this->answer(['*/v1/events*' => Http::response($this->page([$this->left(6)]))]);
        $this->listen();
        Gateway::flushEventListeners();

        self::assertSame(6, $other->refresh()->cursor);
        self::assertStringContainsString('could not be taken in', (string) $this->hub->refresh()->silent_because);
    }

    private function listen(): void
    {
        app(Listener::class)->pollAll();
    }

    /** @param array<string, mixed> $answers */
    private function answer(array $answers): void
    {
        Http::swap(new Factory);
        Http::preventStrayRequests();
        Http::fake($answers);
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @return array<string, mixed>
     */
    private function page(array $events = []): array
    {
        return [
            'epoch' => 'one', 'clock' => now()->toIso8601ZuluString(), 'oldest' => 1,
            'newest' => max([5, ...array_column($events, 'sequence')]), 'events' => $events,
        ];
    }

    /** @return array<string, mixed> */
    private function left(int $sequence): array
    {
        return ['sequence' => $sequence, 'at' => '2026-11-25T10:00:00Z', 'type' => 'device.left', 'data' => ['address' => self::ADDRESS]];
    }

    private function state(): string
    {
        return (string) Node::query()->where('address', self::ADDRESS)->value('state');
    }
}
