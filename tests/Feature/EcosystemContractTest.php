<?php

declare(strict_types=1);

namespace Tests\Feature;

use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\TestCase;
use Tests\ChecksContract;
use Tests\RunsStandin;

/** The running stand-in against docs/ecosystem-link.openapi.json: every path, every status, every shape. */
final class EcosystemContractTest extends TestCase
{
    use ChecksContract;
    use RunsStandin;

    private const BOX = '/boxes/hub-box';

    private const ECOSYSTEM = '/ecosystems/voice';

    private int $commands = 0;

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
        $this->box('GET', '/v1/about', 200);
        $this->box('GET', '/v1/devices', 200);
        $this->box('POST', '/v1/windows', 422, ['seconds' => 900]);
        $this->at(['box' => 'hub-box', 'act' => 'switch-on', 'form' => 'matter-bridge']);
        $window = $this->box('POST', '/v1/windows', 202, ['seconds' => 900]);
        $this->box('PUT', '/v1/shown', 202, ['form' => 'matter-bridge', 'devices' => ['chart-dimmer', 'signal-plug']]);
        $this->box('PUT', '/v1/shown', 202, ['form' => 'matter-bridge', 'devices' => null]);
        $this->box('PUT', '/v1/shown', 422, ['form' => 'matter-bridge', 'devices' => ['nobody']]);
        $this->box('GET', '/v1/devices', 200);
        $this->box('POST', '/v1/keys', 202, ['for' => 'panel']);
        $this->box('POST', '/v1/keys', 422, ['for' => 'nobody']);
        $slats = ['device' => 'chart-blind', 'make' => 'tilt-as-cover', 'name' => 'Chart room slats', 'default' => 'closed'];
        $made = $this->box('POST', '/v1/wrappers', 202, $slats + ['open' => 85, 'closed' => 78]);
        $this->box('POST', '/v1/wrappers', 422, $slats);
        $this->box('GET', '/v1/devices', 200);
        $this->at(['of' => 'voice', 'act' => 'sign-in', 'by' => 'Odile Harrow']);
        $this->at(['of' => 'voice', 'act' => 'scan', 'code' => $window['code']]);
        (new HandLog(self::$folder))->append(['do' => 'advance', 'seconds' => 60]);
        $this->box('DELETE', '/v1/windows/{window}', 202, path: "/v1/windows/{$window['command']}");

        $wrapper = '/v1/wrappers/'.rawurlencode($made['device']);
        $this->box('DELETE', '/v1/wrappers/{wrapper}', 202, path: $wrapper);
        $this->box('DELETE', '/v1/wrappers/{wrapper}', 404, path: $wrapper);
        self::assertSame('Odile Harrow', $this->ecosystem('GET', '/v1/about', 200)['account']);
        $shown = array_column($this->ecosystem('GET', '/v1/devices', 200)['devices'], 'device', 'name');
        $dimmer = $shown['Chart room ceiling dimmer'];
        $rename = '/v1/devices/{device}/name';
        $this->ecosystem('PUT', $rename, 202, ['name' => 'Ceiling', 'room' => 'Chart room'], "/v1/devices/{$dimmer}/name");
        $this->ecosystem('PUT', $rename, 422, ['name' => ''], "/v1/devices/{$dimmer}/name");
        $this->ecosystem('PUT', $rename, 404, ['name' => 'Ceiling'], '/v1/devices/nobody/name');
        [$order, $orders] = ['/v1/devices/{device}/orders', "/v1/devices/{$dimmer}/orders"];
        $this->ecosystem('POST', $order, 202, ['capability' => 'on-off', 'value' => 'on'], $orders);
        $this->ecosystem('POST', $order, 422, ['capability' => 'tilt', 'value' => '1'], $orders);
        (new HandLog(self::$folder))->append(['do' => 'advance', 'seconds' => 3]);
        self::assertNotSame([], $this->ecosystem('GET', '/v1/sights', 200, path: '/v1/sights?after=0')['sights']);
        $this->ecosystem('DELETE', '/v1/devices/{device}', 202, [], "/v1/devices/{$dimmer}");
        $this->ecosystem('DELETE', '/v1/devices/{device}', 404, [], "/v1/devices/{$dimmer}");
    }

    public function test_strangers_and_what_is_not_there_are_refused(): void
    {
        $this->check('GET', '/v1/about', '/v1/about', 401, token: 'wrong', at: self::BOX);
        $this->check('GET', '/v1/about', '/v1/about', 404, at: '/boxes/nobody');
        $this->check('GET', '/v1/about', '/v1/about', 503, at: '/boxes/export-box');
        $this->at(['act' => 'internet', 'on' => false]);
        $this->check('GET', '/v1/devices', '/v1/devices', 503, at: self::ECOSYSTEM);
        $this->at(['act' => 'internet', 'on' => true]);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array<string, mixed>
     */
    private function box(string $method, string $template, int $status, ?array $body = null, ?string $path = null): array
    {
        return $this->check($method, $template, $path ?? $template, $status, $this->command($body), at: self::BOX);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array<string, mixed>
     */
    private function ecosystem(string $method, string $template, int $status, ?array $body = null, ?string $path = null): array
    {
        return $this->check($method, $template, $path ?? $template, $status, $this->command($body), at: self::ECOSYSTEM);
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array<string, mixed>
     */
    private function command(?array $body): array
    {
        return ['command' => sprintf('command-%04d', ++$this->commands), ...$body ?? []];
    }

    /** @param array<string, mixed> $deed */
    private function at(array $deed): void
    {
        (new HandLog(self::$folder))->append(['do' => 'ecosystem', ...$deed]);
    }

    private static function contractFile(): string
    {
        return 'ecosystem-link.openapi.json';
    }
}
