<?php

declare(strict_types=1);

namespace Tests\Feature;

use Kavvel\Standin\House\House;
use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\TestCase;
use Tests\ChecksContract;
use Tests\RunsStandin;

/** The running stand-in against docs/gateway-link.openapi.json: every path, every status, every shape. */
final class GatewayContractTest extends TestCase
{
    use ChecksContract;
    use RunsStandin;

    public static function setUpBeforeClass(): void
    {
        self::runStandin('contract');
    }

    public static function tearDownAfterClass(): void
    {
        self::stopStandin();
    }

    public function test_every_answer_has_the_shape_that_the_contract_gives_it(): void
    {
        $window = ['command' => 'window-0001', 'protocol' => 'zigbee', 'kind' => 'join', 'seconds' => 60];
        $this->check('GET', '/v1/about', '/v1/about', 200);
        $this->check('POST', '/v1/windows', '/v1/windows', 202, $window);
        $this->check('POST', '/v1/windows', '/v1/windows', 422, ['seconds' => 9999] + $window);
        $this->check('POST', '/v1/windows', '/v1/windows', 422, ['protocol' => 'matter'] + $window);
        $this->check('POST', '/v1/windows', '/v1/windows', 202, [
            'command' => 'window-0002', 'protocol' => 'zwave', 'kind' => 'exclude', 'seconds' => 60,
        ]);
        $this->check('POST', '/v1/windows', '/v1/windows', 202, [
            'command' => 'window-0003', 'protocol' => 'matter', 'kind' => 'join', 'seconds' => 60,
            'code' => ['value' => self::code('chart-socket')],
        ]);
        $this->check('POST', '/v1/windows', '/v1/windows', 202, [
            'command' => 'window-0004', 'protocol' => 'thread', 'kind' => 'join', 'seconds' => 60,
            'code' => ['value' => self::code('chart-socket')],
        ]);
        $this->check('POST', '/v1/windows', '/v1/windows', 202, [
            'command' => 'window-0005', 'protocol' => 'wifi', 'kind' => 'join', 'seconds' => 60,
        ]);
        foreach (['nobody' => [404, '12345'], 'window-0002' => [422, '1'], 'window-0002 ' => [202, '12345']] as $of => [$status, $pin]) {
            $address = '/v1/windows/'.trim($of).'/answers';
            $answer = ['command' => "answer-{$status}-{$pin}", 'pin' => $pin];
            $this->check('POST', '/v1/windows/{window}/answers', $address, $status, $answer);
        }
        [$entry] = $this->check('GET', '/v1/smart-start', '/v1/smart-start', 200)['entries'];
        $this->check('DELETE', '/v1/smart-start/{dsk}', "/v1/smart-start/{$entry['dsk']}", 202, ['command' => 'forget-0001']);
        $this->check('DELETE', '/v1/smart-start/{dsk}', '/v1/smart-start/nobody', 404, ['command' => 'forget-0002']);
        $learn = ['protocol' => 'ir', 'kind' => 'learn', 'seconds' => 30];
        $this->check('POST', '/v1/windows', '/v1/windows', 202, ['command' => 'window-0006'] + $learn);
        $this->check('POST', '/v1/windows', '/v1/windows', 422, ['command' => 'window-0007', 'protocol' => 'zigbee'] + $learn);
        $this->check('POST', '/v1/windows', '/v1/windows', 422, ['command' => 'window-0008', 'kind' => 'join'] + $learn);
        foreach (['3', '0.3'] as $seconds) {
            (new HandLog(self::$folder))->append([
                'do' => 'remote-key', 'device' => 'projector', 'kind' => 'On', 'seconds' => $seconds, 'point' => 'hub',
            ]);
        }
        $send = ['command' => 'signal-0001', 'protocol' => 'ir'];
        $this->check('POST', '/v1/signals', '/v1/signals', 202, ['preset' => 'LN-BEAM-2', 'key' => 'On'] + $send);
        $this->check('POST', '/v1/signals', '/v1/signals', 422, ['preset' => 'NOBODY', 'key' => 'On'] + $send);
        $this->check('POST', '/v1/signals', '/v1/signals', 422, ['command' => 'signal-0002', 'protocol' => 'zigbee', 'signal' => 'x']);
        $hear = ['protocol' => 'wired', 'kind' => 'hear', 'seconds' => 600];
        $this->check('POST', '/v1/windows', '/v1/windows', 202, ['command' => 'window-0009'] + $hear);
        $this->check('POST', '/v1/windows', '/v1/windows', 422, ['command' => 'window-0010', 'kind' => 'join'] + $hear);
        (new HandLog(self::$folder))->append(['do' => 'trigger', 'device' => 'hall-keypad']);
        $say = ['command' => 'telegram-0001', 'protocol' => 'wired', 'address' => '1/1/1', 'value' => 'off'];
        $this->check('POST', '/v1/telegrams', '/v1/telegrams', 202, $say);
        $this->check('POST', '/v1/telegrams', '/v1/telegrams', 422, ['address' => '1/8/1'] + $say);
        $this->check('POST', '/v1/telegrams', '/v1/telegrams', 422, ['protocol' => 'zigbee'] + $say);
        $this->check('POST', '/v1/telegrams', '/v1/telegrams', 422, ['value' => ''] + $say);
        foreach ([
            ['kitchen-window', 'press', 3, ''], ['chart-socket', 'hold', 5, 'other-segment'], ['keeper-blind', 'hold', 3, ''],
            ['doorbell', 'pin-hold', 5, ''],
        ] as [$device, $kind, $many, $fault]) {
            (new HandLog(self::$folder))->append(['do' => 'carry', 'device' => $device]);
            (new HandLog(self::$folder))->append(['do' => 'fault', 'device' => $device, 'fault' => $fault]);
            (new HandLog(self::$folder))->append([
                'do' => 'gesture', 'device' => $device, 'kind' => $kind, 'times' => $many, 'seconds' => $many,
            ]);
        }
        (new HandLog(self::$folder))->append(['do' => 'gesture', 'device' => 'hall-relay', 'kind' => 'press', 'times' => 3]);
        (new HandLog(self::$folder))->append(['do' => 'advance', 'seconds' => 20]);
        $this->check('PUT', '/v1/nodes/{address}/label', '/v1/nodes/02A7C30000000101/label', 202, [
            'command' => 'label-0001', 'label' => 'Dimmer',
        ]);
        $this->check('PUT', '/v1/nodes/{address}/label', '/v1/nodes/FFFF/label', 404, ['command' => 'label-0002', 'label' => 'Nobody']);
        $this->check('POST', '/v1/nodes/{address}/commands', '/v1/nodes/02A7C30000000101/commands', 202, [
            'command' => 'switch-0001', 'value' => 'on',
        ]);
        $read = ['command' => 'survey-0001', 'protocol' => 'zigbee'];
        $this->check('POST', '/v1/mesh-readings', '/v1/mesh-readings', 202, $read);
        $this->check('POST', '/v1/mesh-readings', '/v1/mesh-readings', 422, ['command' => 'survey-0002', 'protocol' => 'ir']);
        $this->check('GET', '/v1/mesh-readings/{reading}', '/v1/mesh-readings/survey-0001', 200);
        (new HandLog(self::$folder))->append(['do' => 'advance', 'seconds' => 20]);
        $this->check('GET', '/v1/mesh-readings/{reading}', '/v1/mesh-readings/survey-0001', 200);
        $this->check('GET', '/v1/mesh-readings/{reading}', '/v1/mesh-readings/nobody', 404);
        (new HandLog(self::$folder))->append(['do' => 'trigger', 'device' => 'store-contact']);
        $this->check('GET', '/v1/nodes', '/v1/nodes', 200);
        $this->check('DELETE', '/v1/windows/{window}', '/v1/windows/window-0001', 202);
        $this->check('DELETE', '/v1/nodes/{address}', '/v1/nodes/02A7C30000000101', 202, ['command' => 'remove-0001']);
        $events = $this->check('GET', '/v1/events', '/v1/events?after=0', 200);

        foreach ([
            'window.opened', 'device.announced', 'device.seen', 'device.secured', 'device.networked', 'device.failed', 'device.excluded',
            'device.interviewing', 'device.joined', 'label.set', 'command.done', 'key.learnt', 'key.unclear', 'signal.sent',
            'bus.heard', 'telegram.sent',
            'reading.progress',
            'reading.done', 'reading.more', 'window.closed', 'device.left',
        ] as $type) {
            self::assertContains($type, array_column($events['events'], 'type'));
        }
    }

    public function test_without_the_token_the_contract_answers_401(): void
    {
        $this->check('GET', '/v1/nodes', '/v1/nodes', 401, token: 'wrong');
    }

    public function test_without_power_it_answers_503(): void
    {
        $log = new HandLog(self::$folder);
        $log->append(['do' => 'unplug']);
        $this->check('GET', '/v1/about', '/v1/about', 503);
        $log->append(['do' => 'plug-in']);
    }

    public function test_the_contract_names_every_event_that_the_house_can_tell(): void
    {
        $source = implode(
            '',
            array_map(file_get_contents(...), glob(dirname(__DIR__, 2).'/standin/src/{Hub,Joining}/*.php', GLOB_BRACE) ?: []),
        );
        preg_match_all("/emit\(\s*'([a-z.]+)'/", $source, $emitted);

        self::assertEqualsCanonicalizing(
            array_values(array_unique($emitted[1])),
            self::contract()['components']['schemas']['Event']['properties']['type']['enum'],
        );
    }

    private static function code(string $device): string
    {
        $demo = dirname(__DIR__, 2).'/database/demo/lantern-house';
        $house = House::read((string) file_get_contents("{$demo}.json"), (string) file_get_contents("{$demo}.truth.json"));

        return (string) $house->devices[$device]->code?->code->spelling();
    }

    private static function contractFile(): string
    {
        return 'gateway-link.openapi.json';
    }
}
