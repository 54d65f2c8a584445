<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Standin\Link\GatewayApi;
use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The gateway link as the stand-in answers it, without a web server. */
final class GatewayApiTest extends TestCase
{
    private string $folder;

    private HandLog $log;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kavvel-standin-'.bin2hex(random_bytes(6));
        $this->log = new HandLog($this->folder);
    }

    protected function tearDown(): void
    {
        $this->log->forget();
        rmdir($this->folder);
    }

    public function test_an_address_is_found_however_its_path_spells_it(): void
    {
        $address = (string) $this->ask('GET', '/v1/nodes')[1]['nodes'][0]['address'];
        $spelt = '%'.bin2hex($address[0]).substr($address, 1);

        self::assertSame(202, $this->ask('PUT', "/v1/nodes/{$spelt}/label", ['command' => 'label-0001', 'label' => 'Towel rail'])[0]);
    }

    public function test_about_says_epoch_clock_and_oldest_event(): void
    {
        [$status, $about] = $this->ask('GET', '/v1/about');

        self::assertSame(200, $status);
        self::assertSame(['kavvel-gateway-link', 6, 1], [$about['link'], $about['version'], $about['oldest']]);
        self::assertNotSame('', $about['epoch']);
        self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/', $about['clock']);
    }

    public function test_without_the_token_nothing_is_told(): void
    {
        foreach (['', 'Bearer wrong', 'Basic t'] as $authorization) {
            self::assertSame(401, $this->ask('GET', '/v1/nodes', authorization: $authorization)[0]);
        }
    }

    public function test_an_empty_token_of_the_stand_in_itself_opens_nothing(): void
    {
        $api = new GatewayApi(FoldTest::house(), $this->log, '');

        self::assertSame(401, $api->answer('GET', '/v1/about', [], [], 'Bearer ')[0]);
    }

    public function test_events_come_after_the_cursor_of_their_own_epoch(): void
    {
        $this->ask('POST', '/v1/windows', ['command' => 'window-0001', 'protocol' => 'zigbee', 'kind' => 'join', 'seconds' => 60]);
        $all = $this->ask('GET', '/v1/events')[1];
        $rest = $this->ask('GET', '/v1/events', query: ['epoch' => $all['epoch'], 'after' => 1])[1];
        $foreign = $this->ask('GET', '/v1/events', query: ['epoch' => 'another', 'after' => 1])[1];

        self::assertSame([1, 2], array_column($all['events'], 'sequence'));
        self::assertSame([2], array_column($rest['events'], 'sequence'));
        self::assertSame([1, 2], array_column($foreign['events'], 'sequence'), 'a cursor of another epoch counts for nothing');
    }

    public function test_a_command_with_the_same_id_is_taken_once(): void
    {
        $body = ['command' => 'window-0001', 'protocol' => 'zigbee', 'kind' => 'join', 'seconds' => 60];

        foreach (['first', 'second'] as $time) {
            self::assertSame([202, ['window' => 'window-0001']], $this->ask('POST', '/v1/windows', $body), $time);
        }
        self::assertCount(2, $this->ask('GET', '/v1/events')[1]['events']);
    }

    public function test_nodes_are_those_that_are_in(): void
    {
        [, $answer] = $this->ask('GET', '/v1/nodes');
        $addresses = array_column($answer['nodes'], 'address');

        self::assertContains('02A7C30000000101', $addresses);
        self::assertCount(18, $addresses);
        self::assertEqualsCanonicalizing(
            ['zigbee', 'zwave', 'thread', 'wifi', 'bluetooth'],
            array_values(array_unique(array_column($answer['nodes'], 'protocol'))),
        );
    }

    public function test_a_label_is_kept(): void
    {
        $this->ask('PUT', '/v1/nodes/02A7C30000000101/label', ['command' => 'label-0001', 'label' => 'Chart room ceiling dimmer']);
        $labels = array_column($this->ask('GET', '/v1/nodes')[1]['nodes'], 'label', 'address');

        self::assertSame('Chart room ceiling dimmer', $labels['02A7C30000000101']);
    }

    public function test_a_survey_has_no_links_before_it_is_done(): void
    {
        $this->ask('POST', '/v1/mesh-readings', ['command' => 'survey-0001', 'protocol' => 'zigbee']);
        $early = $this->ask('GET', '/v1/mesh-readings/survey-0001')[1];
        $this->log->append(['do' => 'advance', 'seconds' => 30]);
        $done = $this->ask('GET', '/v1/mesh-readings/survey-0001')[1];

        self::assertSame([false, []], [$early['done'], $early['links']]);
        self::assertTrue($done['done']);
        self::assertNotEmpty($done['links']);
    }

    public function test_the_clock_can_be_advanced_so_that_nothing_waits(): void
    {
        $this->ask('POST', '/v1/windows', ['command' => 'window-0001', 'protocol' => 'zigbee', 'kind' => 'join', 'seconds' => 254]);
        $this->log->append(['do' => 'advance', 'seconds' => 254]);
        $types = array_column($this->ask('GET', '/v1/events')[1]['events'], 'type');

        self::assertSame('window.closed', end($types));
    }

    public function test_an_unplugged_gateway_answers_nothing_useful_and_comes_back(): void
    {
        $this->log->append(['do' => 'unplug']);
        self::assertSame(503, $this->ask('GET', '/v1/about')[0]);
        $this->log->append(['do' => 'plug-in']);
        self::assertSame(200, $this->ask('GET', '/v1/about')[0]);
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('refusals')]
    public function test_what_can_not_be_done_is_refused_in_words(
        string $method,
        string $path,
        array $body,
        int $status,
        string $code,
    ): void {
        [$got, $answer] = $this->ask($method, $path, $body);

        self::assertSame([$status, $code], [$got, $answer['error']['code']]);
        self::assertNotSame('', $answer['error']['message']);
    }

    /** @return array<string, array{string, string, array<string, mixed>, int, string}> */
    public static function refusals(): array
    {
        $window = ['command' => 'window-0001', 'protocol' => 'zigbee', 'kind' => 'join', 'seconds' => 60];

        return [
            'a window of an hour' => ['POST', '/v1/windows', [...$window, 'seconds' => 3600], 422, 'out-of-range'],
            'a window of no time' => ['POST', '/v1/windows', [...$window, 'seconds' => 0], 422, 'out-of-range'],
            'a window of words' => ['POST', '/v1/windows', [...$window, 'seconds' => 'long'], 422, 'out-of-range'],
            'another radio' => ['POST', '/v1/windows', [...$window, 'protocol' => 'wired'], 422, 'unsupported'],
            'a command without id' => ['POST', '/v1/mesh-readings', ['protocol' => 'zigbee'], 422, 'missing'],
            'a command with a strange id' => [
                'POST', '/v1/mesh-readings', ['command' => '../../etc', 'protocol' => 'zigbee'], 422, 'missing',
            ],
            'a reading of no radio' => ['POST', '/v1/mesh-readings', ['command' => 'survey-0001'], 422, 'unsupported'],
            'a reading of light' => ['POST', '/v1/mesh-readings', ['command' => 'survey-0001', 'protocol' => 'ir'], 422, 'unsupported'],
            'a survey that nobody asked for' => ['GET', '/v1/mesh-readings/none', [], 404, 'not-found'],
            'a node that is not in' => ['PUT', '/v1/nodes/FFFF/label', ['command' => 'label-0001', 'label' => 'x'], 404, 'not-found'],
            'a label that is no text' => [
                'PUT', '/v1/nodes/02A7C30000000101/label',
                ['command' => 'label-0001', 'label' => 7], 422, 'missing',
            ],
            'an order that makes no sense' => [
                'POST', '/v1/nodes/02A7C30000000101/commands',
                ['command' => 'switch-0001', 'value' => 'explode'], 422, 'unsupported',
            ],
            'nowhere' => ['GET', '/v1/coffee', [], 404, 'not-found'],
            'nowhere on a node' => ['POST', '/v1/nodes/02A7C30000000101/paint', ['command' => 'paint-00001'], 404, 'not-found'],
        ];
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, mixed>  $query
     * @return array{int, array<string, mixed>}
     */
    private function ask(string $method, string $path, array $body = [], array $query = [], string $authorization = 'Bearer t'): array
    {
        return (new GatewayApi(FoldTest::house(), $this->log, 't'))->answer($method, $path, $query, $body, $authorization);
    }
}
