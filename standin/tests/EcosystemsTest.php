<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Standin\House\House;
use Kavvel\Standin\Link\EcosystemApi;
use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The ecosystem link as the stand-in answers it, with the client's phone beside it. */
final class EcosystemsTest extends TestCase
{
    private const BRIDGED = ['box' => 'hub-box', 'form' => 'matter-bridge'];

    private string $folder;

    private HandLog $log;

    private House $house;

    private int $commands = 0;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kavvel-ecosystems-'.bin2hex(random_bytes(6));
        $this->log = new HandLog($this->folder);
        $this->house = FoldTest::house();
    }

    protected function tearDown(): void
    {
        $this->log->forget();
        rmdir($this->folder);
    }

    public function test_who_answers_says_what_truly_runs_on_it(): void
    {
        $this->house = $this->altered(['releases' => ['hub-box' => '1.1'], 'firmware' => ['hub-box' => '3.9.0']]);

        self::assertSame(['box', '1.1', '3.9.0'], [
            $this->ask('GET', '/boxes/hub-box/v1/about')['kind'],
            $this->ask('GET', '/boxes/hub-box/v1/about')['matterRelease'],
            $this->ask('GET', '/boxes/hub-box/v1/about')['firmware'],
        ]);
        self::assertSame(
            ['Wicket', '1.4', 'not-offered', null],
            array_values(array_intersect_key(
                $this->ask('GET', '/ecosystems/phone/v1/about'),
                array_flip(['name', 'matterRelease', 'removal', 'account']),
            )),
        );
    }

    public function test_without_the_token_and_for_strangers_nothing_is_told(): void
    {
        $api = new EcosystemApi($this->house, $this->log, 'token');

        self::assertSame(401, $api->answer('GET', '/boxes/hub-box/v1/devices', [], [], 'Bearer other')[0]);
        $open = new EcosystemApi($this->house, $this->log, '');
        self::assertSame(401, $open->answer('GET', '/boxes/hub-box/v1/about', [], [], 'Bearer ')[0]);
        $this->refused(404, 'not-found', 'GET', '/ecosystems/garden/v1/about');
        $this->refused(404, 'not-found', 'GET', '/boxes/hub-box/v1/sights');
        $this->refused(404, 'not-found', 'DELETE', '/ecosystems/phone/v1/devices/phone-001');
    }

    public function test_a_bridge_is_exported_by_a_window_that_its_export_has_to_be_on_for(): void
    {
        $this->refused(422, 'switched-off', 'POST', '/boxes/hub-box/v1/windows', ['seconds' => 900]);
        $this->at(['act' => 'switch-on'] + self::BRIDGED);
        $this->refused(422, 'out-of-range', 'POST', '/boxes/hub-box/v1/windows', ['seconds' => 60]);
        $window = $this->ask('POST', '/boxes/hub-box/v1/windows', ['seconds' => 900]);
        $this->at(['of' => 'phone', 'act' => 'scan', 'code' => $window['code']]);
        self::assertSame([], $this->shown('phone'), 'nobody is signed in');
        $this->at(['of' => 'phone', 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $this->at(['of' => 'phone', 'act' => 'scan', 'code' => $window['code']]);
        self::assertCount(0, $this->shown('phone'), 'one after the other');
        $this->pass(1);
        self::assertCount(2, $this->shown('phone'));
        $this->pass(60);

        self::assertCount(count($this->ask('GET', '/boxes/hub-box/v1/devices')['devices']), $this->shown('phone'));
        self::assertSame('Odile Harrow', $this->ask('GET', '/ecosystems/phone/v1/about')['account']);
    }

    public function test_a_window_that_is_over_or_closed_takes_nothing_in(): void
    {
        $code = $this->window();
        $this->pass(901);
        $this->at(['of' => 'phone', 'act' => 'scan', 'code' => $code]);
        $closed = $this->ask('POST', '/boxes/hub-box/v1/windows', ['seconds' => 900]);
        $this->ask('DELETE', "/boxes/hub-box/v1/windows/{$closed['command']}");
        $this->at(['of' => 'phone', 'act' => 'scan', 'code' => $closed['code']]);
        $this->at(['of' => 'phone', 'act' => 'scan', 'code' => 'nonsense']);
        $this->pass(60);

        self::assertSame([], $this->shown('phone'));
    }

    public function test_functions_are_lost_where_the_release_or_the_platform_does_not_know_them(): void
    {
        $this->export('phone');
        $plug = $this->one('phone', 'signal-plug');
        self::assertSame(['on-off'], $plug['capabilities'], 'watts came with 1.3, and the hub speaks 1.2');
        $this->house = $this->altered(['releases' => ['hub-box' => '1.3']]);
        $this->export('phone');

        self::assertSame(['on-off', 'power'], $this->one('phone', 'signal-plug')['capabilities']);
    }

    public function test_names_go_along_as_far_as_the_form_and_the_platform_let_them(): void
    {
        $this->export('phone');
        $named = $this->one('phone', 'chart-dimmer');
        self::assertSame(['Chart room ceiling dimmer', null, 'Hub', 'matter-bridge'], [
            $named['name'], $named['room'], $named['over'], $named['form'],
        ]);
        $blind = $this->house->devices['chart-blind'];
        self::assertSame($blind->profile->model, $this->one('phone', 'chart-blind')['name'], 'what has no name shows under its model');
        $this->append(['do' => 'label', 'address' => $blind->address, 'label' => 'Chart room blind', 'command' => 'label-0001']);

        self::assertSame($blind->profile->model, $this->one('phone', 'chart-blind')['name'], 'a later rename does not follow there');
    }

    public function test_a_panel_follows_names_until_somebody_renames_one_there(): void
    {
        $this->panel();
        $dimmer = $this->one('panel', 'chart-dimmer');
        self::assertSame('Chart room ceiling dimme', $dimmer['name'], 'it takes 24 characters');
        $label = fn (string $name): array => [
            'do' => 'label', 'address' => $this->house->devices['chart-dimmer']->address, 'label' => $name, 'command' => "label-{$name}",
        ];
        $this->append($label('Chart light'));
        self::assertSame('Chart light', $this->one('panel', 'chart-dimmer')['name']);
        $this->refused(422, 'too-long', 'PUT', "/ecosystems/panel/v1/devices/{$dimmer['device']}/name", ['name' => str_repeat('x', 25)]);
        $this->ask('PUT', "/ecosystems/panel/v1/devices/{$dimmer['device']}/name", ['name' => 'Ceiling', 'room' => 'Chart room']);
        $this->append($label('Chart lamp'));

        self::assertSame(['Ceiling', 'Chart room'], [
            $this->one('panel', 'chart-dimmer')['name'], $this->one('panel', 'chart-dimmer')['room'],
        ]);
    }

    public function test_a_driver_wants_its_interface_on_and_the_key_that_the_hub_made(): void
    {
        $this->at(['of' => 'panel', 'act' => 'discover']);
        $this->at(['of' => 'panel', 'act' => 'switch-on', 'form' => 'driver']);
        $this->at(['box' => 'hub-box', 'act' => 'switch-on', 'form' => 'driver']);
        $this->at(['of' => 'panel', 'act' => 'enter-key', 'key' => 'AAAA-BBBB']);
        $this->at(['of' => 'panel', 'act' => 'discover']);
        $this->pass(60);
        self::assertSame([], $this->shown('panel'), 'the key is missing');
        $key = $this->ask('POST', '/boxes/hub-box/v1/keys', ['for' => 'panel'])['key'];
        $this->refused(422, 'not-found', 'POST', '/boxes/hub-box/v1/keys', ['for' => 'garden']);
        $this->at(['of' => 'panel', 'act' => 'enter-key', 'key' => $key]);
        $this->at(['of' => 'panel', 'act' => 'discover']);
        $this->pass(60);

        self::assertNotSame([], $this->shown('panel'));
    }

    public function test_a_box_behind_the_hub_passes_on_what_the_hub_shows_it(): void
    {
        $this->at(['box' => 'export-box', 'act' => 'set-up']);
        $key = $this->ask('POST', '/boxes/hub-box/v1/keys', ['for' => 'export-box'])['key'];
        $this->at(['box' => 'export-box', 'act' => 'enter-key', 'key' => 'wrong']);
        self::assertSame([], $this->ask('GET', '/boxes/export-box/v1/devices')['devices']);
        $this->at(['box' => 'export-box', 'act' => 'enter-key', 'key' => $key]);
        $this->ask('PUT', '/boxes/hub-box/v1/shown', ['form' => 'hub-link', 'devices' => ['chart-dimmer', 'signal-plug']]);
        $code = $this->ask('POST', '/boxes/export-box/v1/windows', ['seconds' => 300])['code'];
        $this->at(['of' => 'phone', 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $this->at(['of' => 'phone', 'act' => 'scan', 'code' => $code]);
        $this->pass(10);

        self::assertSame(['chart-dimmer', 'signal-plug'], array_keys($this->shown('phone')));
        self::assertSame(['on-off', 'power'], $this->one('phone', 'signal-plug')['capabilities'], 'the box speaks 1.3');
        $this->append(['do' => 'unplug']);
        self::assertFalse($this->one('phone', 'chart-dimmer')['reachable'], 'the hub is on the way');
        $this->refused(503, 'away', 'GET', '/boxes/hub-box/v1/about');
    }

    public function test_an_include_list_keeps_the_rest_out_and_takes_one_out_again(): void
    {
        $this->ask('PUT', '/boxes/hub-box/v1/shown', ['form' => 'matter-bridge', 'devices' => ['chart-dimmer', 'chart-blind']]);
        foreach ([
            'not-found' => ['matter-bridge', ['chart-dimmer', 'chimney']], 'no-export' => ['cloud-link', []],
            'missing' => ['matter-bridge', 'all'],
        ] as $error => [$form, $devices]) {
            $this->refused(422, $error, 'PUT', '/boxes/hub-box/v1/shown', ['form' => $form, 'devices' => $devices]);
        }
        $this->export('phone');
        self::assertSame(['chart-blind', 'chart-dimmer'], array_keys($this->shown('phone')));
        $this->panel();
        self::assertGreaterThan(2, count($this->shown('panel')), 'each export has a list of its own');
        $this->ask('PUT', '/boxes/hub-box/v1/shown', ['form' => 'matter-bridge', 'devices' => ['chart-blind']]);

        self::assertSame(['chart-blind'], array_keys($this->shown('phone')), 'it leaves by itself, and the other stays');
    }

    public function test_one_that_comes_in_later_shows_everywhere_at_once(): void
    {
        $this->export('phone');
        $this->export('voice');
        [$phone, $voice] = [count($this->shown('phone')), count($this->shown('voice'))];
        $this->letIn('kitchen-window');

        self::assertSame([$phone + 1, $voice + 1], [count($this->shown('phone')), count($this->shown('voice'))]);
    }

    public function test_one_out_of_the_van_is_passed_on_like_any_other(): void
    {
        $this->export('voice');
        $this->export('phone');
        self::assertArrayNotHasKey('van-contact', $this->shown('phone'));
        $this->letIn('van-contact');

        self::assertArrayHasKey('van-contact', $this->shown('phone'));
        self::assertNull($this->one('phone', 'van-contact')['room'] ?? null, 'nobody has said where it goes');
    }

    /** @param int|null $gone null: all of them */
    #[DataProvider('manners')]
    public function test_one_is_deleted_in_the_manner_of_its_ecosystem(string $ecosystem, string $removal, ?string $error, ?int $gone): void
    {
        $ecosystem === 'panel' ? $this->panel() : $this->export($ecosystem);
        $before = count($this->shown($ecosystem));
        $one = $this->one($ecosystem, 'chart-dimmer');
        $path = "/ecosystems/{$ecosystem}/v1/devices/{$one['device']}";
        self::assertSame($removal, $this->ask('GET', "/ecosystems/{$ecosystem}/v1/about")['removal']);
        if ($error !== null) {
            $this->refused(422, $error, 'DELETE', $path);
            $this->pass(60);
            self::assertCount($before, $this->shown($ecosystem));

            return;
        }
        $removed = $this->ask('DELETE', $path)['removed'];
        $this->pass(60);

        self::assertCount($gone ?? $before, $removed);
        self::assertCount($before - ($gone ?? $before), $this->shown($ecosystem), 'and it does not come back by itself');
    }

    /** @return iterable<string, array{string, string, string|null, int|null}> */
    public static function manners(): iterable
    {
        yield 'that one' => ['panel', 'single', null, 1];
        yield 'the bridge with all behind it' => ['voice', 'bridge', null, null];
        yield 'not offered' => ['phone', 'not-offered', 'not-offered', null];
    }

    public function test_one_that_was_deleted_comes_back_by_the_list_of_its_box(): void
    {
        $this->panel();
        $all = array_keys($this->shown('panel'));
        $this->ask('PUT', '/boxes/hub-box/v1/shown', ['form' => 'driver', 'devices' => $all]);
        $this->ask('DELETE', '/ecosystems/panel/v1/devices/'.$this->one('panel', 'chart-dimmer')['device']);
        $this->pass(30);
        self::assertArrayNotHasKey('chart-dimmer', $this->shown('panel'));
        $this->ask('PUT', '/boxes/hub-box/v1/shown', ['form' => 'driver', 'devices' => array_values(array_diff($all, ['chart-dimmer']))]);
        $this->ask('PUT', '/boxes/hub-box/v1/shown', ['form' => 'driver', 'devices' => $all]);
        $this->pass(30);

        self::assertArrayHasKey('chart-dimmer', $this->shown('panel'));
    }

    public function test_a_device_by_two_paths_shows_twice(): void
    {
        $this->export('phone');
        $this->at(['box' => 'export-box', 'act' => 'set-up']);
        $key = $this->ask('POST', '/boxes/hub-box/v1/keys', ['for' => 'export-box'])['key'];
        $this->at(['box' => 'export-box', 'act' => 'enter-key', 'key' => $key]);
        $code = $this->ask('POST', '/boxes/export-box/v1/windows', ['seconds' => 300])['code'];
        $this->at(['of' => 'phone', 'act' => 'scan', 'code' => $code]);
        $this->pass(60);
        $dimmer = $this->house->devices['chart-dimmer']->address;
        $twins = array_values(array_filter(
            $this->ask('GET', '/ecosystems/phone/v1/devices')['devices'],
            static fn (array $one): bool => $one['mark'] === $dimmer,
        ));

        self::assertSame(['Chart room ceiling dimmer', 'Chart room ceiling dimmer 2'], array_column($twins, 'name'));
        self::assertSame(['Hub', 'Export box'], array_column($twins, 'over'));
    }

    public function test_a_device_is_shared_on_by_a_window_of_its_own_and_holds_so_many_fabrics(): void
    {
        $matter = 'guest-door';
        $this->refused(422, 'not-found', 'POST', '/boxes/hub-box/v1/windows', ['seconds' => 300, 'device' => 'keeper-blind']);
        $this->refused(422, 'not-shareable', 'POST', '/boxes/hub-box/v1/windows', ['seconds' => 300, 'device' => 'chart-dimmer']);
        $code = $this->ask('POST', '/boxes/hub-box/v1/windows', ['seconds' => 300, 'device' => $matter])['code'];
        $this->at(['of' => 'phone', 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $this->at(['of' => 'phone', 'act' => 'scan', 'code' => $code]);
        $this->pass(5);
        $shared = $this->one('phone', $matter);

        self::assertSame(['matter', null, $this->house->devices[$matter]->profile->model], [
            $shared['form'], $shared['over'], $shared['name'],
        ]);
        self::assertSame([$shared['device']], $this->ask('DELETE', "/ecosystems/phone/v1/devices/{$shared['device']}")['removed']);
    }

    public function test_what_is_operated_in_one_is_seen_in_the_others_in_their_own_time(): void
    {
        $this->house = $this->altered(['sights' => [
            ['ecosystem' => 'panel', 'device' => 'signal-plug', 'sees' => 'reversed'],
            ['ecosystem' => 'voice', 'device' => 'signal-plug', 'sees' => 'late'],
            ['ecosystem' => 'panel', 'device' => 'signal-dimmer', 'sees' => 'nothing'],
        ]]);
        foreach (['phone', 'voice'] as $ecosystem) {
            $this->export($ecosystem);
        }
        $this->panel();
        $plug = $this->one('phone', 'signal-plug');
        $orders = "/ecosystems/phone/v1/devices/{$plug['device']}/orders";
        $this->refused(422, 'unknown', 'POST', $orders, ['capability' => 'tilt', 'value' => '3']);
        $this->refused(422, 'missing', 'POST', $orders, ['capability' => 'on-off']);
        $this->ask('POST', $orders, ['capability' => 'on-off', 'value' => 'on']);
        $this->pass(3);

        self::assertSame([['on-off', 'on']], $this->seen('phone'));
        $dimmer = $this->one('phone', 'signal-dimmer')['device'];
        $this->ask('POST', "/ecosystems/phone/v1/devices/{$dimmer}/orders", ['capability' => 'level', 'value' => '30']);
        self::assertSame([['on-off', 'off']], $this->seen('panel'), 'the other way round');
        self::assertSame([], $this->seen('voice'));
        $this->pass(200);
        self::assertSame([['level', '30'], ['on-off', 'on']], $this->seen('voice'), 'minutes later');
        self::assertSame([['on-off', 'on'], ['level', '30']], $this->seen('phone'));
        self::assertSame([['on-off', 'off']], $this->seen('panel'), 'it has no feedback of that one');
        self::assertSame([['on-off', 'on']], array_map(
            static fn (array $one): array => [$one['capability'], $one['value']],
            $this->ask('GET', '/ecosystems/voice/v1/sights', query: ['after' => 1])['sights'],
        ));
    }

    public function test_what_hands_and_the_hub_do_is_seen_as_well(): void
    {
        $this->export('phone');
        $this->append(['do' => 'trigger', 'device' => 'chart-climate']);
        $this->append([
            'do' => 'switch', 'address' => $this->house->devices['signal-plug']->address, 'value' => 'on', 'command' => 'switch-0001',
        ]);
        $this->pass(3);

        self::assertSame([['temperature', '24.5'], ['on-off', 'on']], $this->seen('phone'));
    }

    public function test_a_cloud_that_is_slow_or_away(): void
    {
        $this->at(['of' => 'voice', 'act' => 'lag', 'seconds' => 120]);
        $this->export('voice', 60);
        self::assertSame([], $this->shown('voice'));
        $this->pass(90);
        self::assertNotSame([], $this->shown('voice'));
        $this->at(['act' => 'internet', 'on' => false]);
        $this->refused(503, 'away', 'GET', '/ecosystems/voice/v1/devices');
        self::assertSame([], $this->shown('phone'), 'that one is in the house, and answers');
        $this->at(['act' => 'internet', 'on' => true]);
        $this->at(['of' => 'voice', 'act' => 'down', 'on' => true]);
        $this->refused(503, 'away', 'GET', '/ecosystems/voice/v1/about');
        $this->at(['of' => 'voice', 'act' => 'down', 'on' => false]);

        self::assertNotSame([], $this->shown('voice'), 'what it showed, it shows again');
    }

    public function test_a_command_is_carried_out_once_and_needs_an_id(): void
    {
        $api = new EcosystemApi($this->house, $this->log, 'token');
        $twice = static fn (): array => $api->answer(
            'POST',
            '/boxes/hub-box/v1/keys',
            [],
            ['command' => 'the-same-one', 'for' => 'panel'],
            'Bearer token',
        );

        self::assertSame($twice(), $twice());
        self::assertSame([422, 'missing'], [
            $api->answer('POST', '/boxes/hub-box/v1/keys', [], ['for' => 'panel'], 'Bearer token')[0],
            $api->answer('POST', '/boxes/hub-box/v1/keys', [], ['for' => 'panel'], 'Bearer token')[1]['error']['code'],
        ]);
    }

    private function export(string $ecosystem, int $seconds = 60): void
    {
        $code = $this->window();
        $this->at(['of' => $ecosystem, 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $this->at(['of' => $ecosystem, 'act' => 'scan', 'code' => $code]);
        $this->pass($seconds);
    }

    private function window(): string
    {
        $this->at(['act' => 'switch-on'] + self::BRIDGED);

        return $this->ask('POST', '/boxes/hub-box/v1/windows', ['seconds' => 900])['code'];
    }

    private function panel(): void
    {
        $this->at(['of' => 'panel', 'act' => 'switch-on', 'form' => 'driver']);
        $this->at(['box' => 'hub-box', 'act' => 'switch-on', 'form' => 'driver']);
        $key = $this->ask('POST', '/boxes/hub-box/v1/keys', ['for' => 'panel'])['key'];
        $this->at(['of' => 'panel', 'act' => 'enter-key', 'key' => $key]);
        $this->at(['of' => 'panel', 'act' => 'discover']);
        $this->pass(60);
    }

    /** A device of the house comes in at the hub. */
    private function letIn(string $key): void
    {
        $device = $this->house->devices[$key];
        $this->append([
            'do' => 'open-window', 'command' => 'join-'.++$this->commands, 'protocol' => $device->profile->protocol->value,
            'kind' => 'join', 'seconds' => 200, 'code' => $device->code === null ? [] : ['value' => $device->code->code->spelling()],
        ]);
        foreach ($device->profile->recipe->join ?? [] as $step) {
            $this->append([
                'do' => 'gesture', 'device' => $key, 'kind' => $step->kind, 'times' => $step->times, 'seconds' => $step->seconds,
            ]);
        }
        $this->pass(120);
    }

    /** @return array<string, array<string, mixed>> by key of the device, which its mark tells */
    private function shown(string $ecosystem): array
    {
        $keys = [];
        foreach ($this->house->devices as $key => $device) {
            $keys[$device->bus?->knownAt() ?? $device->address] = $key;
        }
        $shown = [];
        foreach ($this->ask('GET', "/ecosystems/{$ecosystem}/v1/devices")['devices'] as $one) {
            $shown[$keys[$one['mark']]] = $one;
        }
        ksort($shown);

        return $shown;
    }

    /** @return array<string, mixed> */
    private function one(string $ecosystem, string $device): array
    {
        return $this->shown($ecosystem)[$device];
    }

    /** @return list<array{string, string}> */
    private function seen(string $ecosystem): array
    {
        return array_values(array_map(
            static fn (array $one): array => [(string) $one['capability'], (string) $one['value']],
            $this->ask('GET', "/ecosystems/{$ecosystem}/v1/sights")['sights'],
        ));
    }

    /** @param array<string, mixed> $deed on the client's phone, at a panel or on the page of a box */
    private function at(array $deed): void
    {
        $this->append(['do' => 'ecosystem', ...$deed]);
    }

    private function pass(int $seconds): void
    {
        $this->append(['do' => 'advance', 'seconds' => $seconds]);
    }

    /** @param array<string, mixed> $entry */
    private function append(array $entry): void
    {
        $this->log->append($entry);
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, mixed>  $query
     * @return array<string, mixed>
     */
    private function ask(string $method, string $path, array $body = [], array $query = []): array
    {
        $command = sprintf('command-%04d', ++$this->commands);
        [$status, $answer] = (new EcosystemApi($this->house, $this->log, 'token'))
            ->answer($method, $path, $query, ['command' => $command, ...$body], 'Bearer token');
        self::assertContains($status, [200, 202], (string) json_encode($answer));

        return $answer;
    }

    /** @param array<string, mixed> $body */
    private function refused(int $status, string $code, string $method, string $path, array $body = []): void
    {
        $command = sprintf('command-%04d', ++$this->commands);
        [$was, $answer] = (new EcosystemApi($this->house, $this->log, 'token'))
            ->answer($method, $path, [], ['command' => $command, ...$body], 'Bearer token');

        self::assertSame([$status, $code], [$was, $answer['error']['code'] ?? null]);
    }

    /** @param array<string, mixed> $truth */
    private function altered(array $truth): House
    {
        $demo = dirname(__DIR__, 2).'/database/demo';
        $overlay = json_decode((string) file_get_contents("{$demo}/lantern-house.truth.json"), true);

        return House::read((string) file_get_contents("{$demo}/lantern-house.json"), (string) json_encode([...$overlay, ...$truth]));
    }
}
