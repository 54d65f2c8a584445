<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Core\Bridging\Wrapping;
use Kavvel\Standin\Ecosystems\Made;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Link\EcosystemApi;
use Kavvel\Standin\Link\GatewayApi;
use Kavvel\Standin\Time\Clockwork;
use Kavvel\Standin\Time\Fold;
use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Something that moves tells where it came to, and a hub makes something of it that is open or closed. */
final class WrappersTest extends TestCase
{
    private const BLIND = ['device' => 'chart-blind', 'make' => 'tilt-as-cover', 'name' => 'Chart room slats', 'default' => 'closed'];

    private HandLog $log;

    private House $house;

    private string $folder;

    private int $commands = 0;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kavvel-wrappers-'.bin2hex(random_bytes(6));
        $this->log = new HandLog($this->folder);
        $this->house = FoldTest::house();
    }

    protected function tearDown(): void
    {
        $this->log->forget();
        rmdir($this->folder);
    }

    public function test_it_comes_to_stand_somewhere_in_its_band_and_says_so(): void
    {
        $reached = [];
        foreach ([100, 0, 100, 0, 100, 0, 55] as $asked) {
            $reached[] = $this->drive($asked);
        }
        foreach ([0 => [86, 93], 1 => [0, 4], 2 => [86, 93], 3 => [0, 4], 4 => [86, 93], 6 => [54, 56]] as $turn => [$least, $most]) {
            self::assertGreaterThanOrEqual($least, $reached[$turn]);
            self::assertLessThanOrEqual($most, $reached[$turn]);
        }
        self::assertGreaterThan(1, count(array_unique([$reached[0], $reached[2], $reached[4], $reached[1], $reached[3]])));
        self::assertSame((string) $reached[6], $this->fold()->world->devices['chart-blind']->known()['tilt']);
    }

    public function test_it_says_so_only_once_it_stands_still(): void
    {
        $this->gateway(202, ['capability' => 'tilt', 'value' => 100]);
        $types = fn (): array => array_column($this->fold()->hub->events, 'type');
        self::assertNotContains('command.done', $types());
        $this->pass(2);
        self::assertSame(['device.reported', 'command.done'], array_slice($types(), -2));
    }

    /** @param array<string, mixed> $order */
    #[DataProvider('orders')]
    public function test_what_is_no_position_of_it_is_refused(array $order, string $code): void
    {
        self::assertSame($code, $this->gateway(422, $order)['error']['code']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function orders(): iterable
    {
        yield 'another function' => [['capability' => 'level', 'value' => 50], 'unsupported'];
        yield 'no function that is sent anywhere' => [['capability' => 'leak', 'value' => 50], 'unsupported'];
        yield 'too far' => [['capability' => 'tilt', 'value' => 101], 'out-of-range'];
        yield 'below' => [['capability' => 'tilt', 'value' => -1], 'out-of-range'];
        yield 'words' => [['capability' => 'tilt', 'value' => 'open'], 'out-of-range'];
    }

    public function test_one_that_does_not_answer_says_nothing(): void
    {
        $this->log->append(['do' => 'mains', 'device' => 'chart-blind', 'kind' => 'off']);
        $this->gateway(202, ['capability' => 'tilt', 'value' => 100]);
        $this->pass(5);
        $events = $this->fold()->hub->events;
        self::assertSame('command.failed', end($events)['type'] ?? '');
    }

    public function test_what_is_made_of_it_shows_where_tilt_is_not_known_and_follows_by_its_threshold(): void
    {
        $made = $this->box(202, 'POST', '/v1/wrappers', self::BLIND + ['open' => 85, 'closed' => 78]);
        self::assertSame($this->house->devices['chart-blind']->address.'#cover', $made['mark']);
        $inside = array_column($this->box(200, 'GET', '/v1/devices')['devices'], null, 'device');
        self::assertSame(['Chart room slats', 'chart-blind'], [$inside[$made['device']]['name'], $inside[$made['device']]['of']]);
        self::assertNull($inside['chart-blind']['of']);

        $this->export(['chart-blind as cover']);
        self::assertSame(['Chart room slats' => 'closed'], $this->covers(), 'as it is before anybody has told it anything');
        $this->drive(100);
        self::assertSame(['Chart room slats' => 'open'], $this->covers());
        $this->drive(82);
        self::assertSame(['Chart room slats' => 'open'], $this->covers(), 'between the two it stays as it was');
        $this->drive(60);
        self::assertSame(['Chart room slats' => 'closed'], $this->covers());
        $this->drive(82);
        self::assertSame('closed', $this->covers()['Chart room slats']);
        self::assertSame(['open', 'closed'], array_column($this->seen(), 'value'));
    }

    public function test_it_is_operated_as_what_it_shows_as(): void
    {
        $this->box(202, 'POST', '/v1/wrappers', self::BLIND + ['open' => 85, 'closed' => 78]);
        $this->export(['chart-blind as cover']);
        $id = array_values($this->fold()->ecosystems->all['voice']->entriesOf('chart-blind as cover'))[0]->id;
        $orders = "/ecosystems/voice/v1/devices/{$id}/orders";
        $this->place(202, 'POST', $orders, ['capability' => 'cover', 'value' => 'open']);
        $this->pass(5);

        self::assertGreaterThanOrEqual(86, (int) $this->fold()->world->devices['chart-blind']->known()['tilt']);
        self::assertSame(['Chart room slats' => 'open'], $this->covers());
        $this->place(202, 'POST', $orders, ['capability' => 'cover', 'value' => 'closed']);
        $this->pass(5);
        self::assertLessThanOrEqual(4, (int) $this->fold()->world->devices['chart-blind']->known()['tilt']);
    }

    public function test_made_once_more_it_is_the_same_and_taken_out_it_leaves_everywhere(): void
    {
        $this->box(202, 'POST', '/v1/wrappers', self::BLIND + ['open' => 85, 'closed' => 78]);
        $this->export(['chart-blind as cover']);
        $this->drive(100);
        $this->box(202, 'POST', '/v1/wrappers', ['name' => 'Slats'] + self::BLIND + ['open' => 50, 'closed' => 40]);
        self::assertSame('Slats', $this->fold()->ecosystems->boxes['hub-box']->made['chart-blind as cover']->name);
        self::assertSame(['open'], array_values($this->covers()), 'it is as its device is');
        $this->box(202, 'DELETE', '/v1/wrappers/chart-blind%20as%20cover');
        self::assertSame([], $this->covers());
        $this->box(404, 'DELETE', '/v1/wrappers/chart-blind%20as%20cover');
    }

    public function test_one_that_is_wet_is_open(): void
    {
        $made = new Made('basin-leak', Wrapping::LeakAsContact, 'hub-box', 'Basin', null, 'closed');
        self::assertSame(['closed', true, 'open'], [$made->value(), $made->follows('wet'), $made->value()]);
        self::assertFalse($made->follows('wet'), 'it is that already');
        self::assertSame(['leak', 'closed'], $made->passesOn('anything'));
    }

    /** @param array<string, mixed> $asked */
    #[DataProvider('thatAreNotMade')]
    public function test_what_can_not_be_made_is_refused(array $asked, string $code, string $box = 'hub-box'): void
    {
        $answer = $this->place(422, 'POST', "/boxes/{$box}/v1/wrappers", $asked + self::BLIND + ['open' => 85, 'closed' => 78]);
        self::assertSame($code, $answer['error']['code']);
    }

    /** @return iterable<string, array{0: array<string, mixed>, 1: string, 2?: string}> */
    public static function thatAreNotMade(): iterable
    {
        yield 'of nothing' => [['device' => 'chimney'], 'not-found'];
        yield 'something unknown' => [['make' => 'tilt-as-lamp'], 'unsupported'];
        yield 'of a device without that' => [['make' => 'leak-as-contact'], 'unknown'];
        yield 'without a name' => [['name' => ' '], 'missing'];
        yield 'without what it begins as' => [['default' => null], 'missing'];
        yield 'without a threshold' => [['open' => null], 'missing'];
        yield 'without hysteresis' => [['closed' => 85], 'missing'];
    }

    public function test_a_box_that_makes_nothing_says_so(): void
    {
        $this->log->append(['do' => 'ecosystem', 'box' => 'export-box', 'act' => 'set-up']);
        $answer = $this->place(422, 'POST', '/boxes/export-box/v1/wrappers', self::BLIND + ['open' => 85, 'closed' => 78]);
        self::assertSame('unsupported', $answer['error']['code']);
    }

    /** @return int where it came to */
    private function drive(int $asked): int
    {
        $command = $this->gateway(202, ['capability' => 'tilt', 'value' => $asked])['command'];
        $this->pass(3);
        foreach ($this->fold()->hub->events as $event) {
            if ($event['type'] === 'command.done' && $event['data']['command'] === $command) {
                return (int) $event['data']['value'];
            }
        }
        self::fail('It said nothing.');
    }

    /** @param list<string> $devices */
    private function export(array $devices): void
    {
        $this->log->append(['do' => 'ecosystem', 'box' => 'hub-box', 'act' => 'switch-on', 'form' => 'matter-bridge']);
        $this->box(202, 'PUT', '/v1/shown', ['form' => 'matter-bridge', 'devices' => $devices]);
        $code = $this->box(202, 'POST', '/v1/windows', ['seconds' => 300])['code'];
        $this->log->append(['do' => 'ecosystem', 'of' => 'voice', 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $this->log->append(['do' => 'ecosystem', 'of' => 'voice', 'act' => 'scan', 'code' => $code]);
        $this->pass(10);
    }

    /** @return array<string, string> whether it is open, by name */
    private function covers(): array
    {
        $this->pass(5);
        $shown = $this->place(200, 'GET', '/ecosystems/voice/v1/devices')['devices'];

        return array_map(static fn (object $values): string => $values->cover ?? '', array_column($shown, 'values', 'name'));
    }

    /** @return list<array<string, mixed>> */
    private function seen(): array
    {
        return $this->place(200, 'GET', '/ecosystems/voice/v1/sights')['sights'];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     */
    private function gateway(int $status, array $body): array
    {
        $path = '/v1/nodes/'.$this->house->devices['chart-blind']->address.'/commands';
        $api = new GatewayApi($this->house, $this->log, 'token');
        $answer = $api->answer('POST', $path, [], $body + ['command' => $this->command()], 'Bearer token');
        self::assertSame($status, $answer[0]);

        return $answer[1];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     */
    private function box(int $status, string $method, string $path, array $body = []): array
    {
        return $this->place($status, $method, "/boxes/hub-box{$path}", $body);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     */
    private function place(int $status, string $method, string $path, array $body = []): array
    {
        $api = new EcosystemApi($this->house, $this->log, 'token');
        $answer = $api->answer($method, $path, [], $body + ['command' => $this->command()], 'Bearer token');
        self::assertSame($status, $answer[0], (string) json_encode($answer[1]));

        return $answer[1];
    }

    private function command(): string
    {
        return sprintf('command-%04d', ++$this->commands);
    }

    private function pass(int $seconds): void
    {
        $this->log->append(['do' => 'advance', 'seconds' => $seconds]);
    }

    private function fold(): Fold
    {
        return (new Clockwork($this->house, $this->log))->now();
    }
}
