<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Standin\Hands\HandsPage;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Link\GatewayApi;
use Kavvel\Standin\Time\Fold;
use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\TestCase;

/** What stands behind a bridge comes and goes with it. */
final class BridgingTest extends TestCase
{
    private const START = 1_800_000_000_000;

    public function test_what_is_behind_a_bridge_shows_once_it_is_in(): void
    {
        $joined = $this->joined($this->fold(60, ...$this->bridge()));

        self::assertSame(
            [$this->address('rack-bridge'), $this->address('desk-left'), $this->address('desk-right'), $this->address('guest-climate')],
            array_column($joined, 'address'),
        );
        self::assertSame(['Desk left lamp', 'Desk right lamp', 'Bedside climate sensor'], array_column(array_slice($joined, 1), 'label'));
        self::assertSame([true, true, false], array_column($joined, 'reachable'));
        self::assertSame(array_fill(0, 3, $this->address('rack-bridge')), array_column($joined, 'via'));
    }

    public function test_nothing_of_it_shows_before(): void
    {
        $fold = $this->fold(60, [1, 'trigger', ['device' => 'desk-left']], [2, 'gesture', ['device' => 'desk-left', 'kind' => 'power-on']]);

        self::assertSame(['gateway.started'], array_column($fold->hub->events, 'type'));
        self::assertFalse($fold->world->devices['desk-left']->isIn());
    }

    public function test_one_without_power_answers_when_it_has_it_again(): void
    {
        $fold = $this->fold(
            90,
            ...$this->bridge(),
            ...[
                [60, 'trigger', ['device' => 'guest-climate']],
                [61, 'power', ['device' => 'guest-climate', 'kind' => 'online']],
                [62, 'power', ['device' => 'guest-climate', 'kind' => 'online']],
                [63, 'trigger', ['device' => 'guest-climate']],
            ],
        );
        $last = array_slice($fold->hub->events, -2);

        self::assertSame(['device.reachable', 'device.reported'], array_column($last, 'type'), 'said once, and heard from then on');
        self::assertSame(['address' => $this->address('guest-climate'), 'reachable' => true], $last[0]['data']);
    }

    public function test_one_that_was_not_paired_with_the_bridge_shows_when_it_is(): void
    {
        $absent = json_decode((string) file_get_contents(self::demo('lantern-house.truth.json')), true);
        $absent['behind'] = ['guest-climate' => 'absent'];
        $house = House::read((string) file_get_contents(self::demo('lantern-house.json')), (string) json_encode($absent));
        $before = $this->fold(60, ...$this->bridge());
        $without = $this->foldOf($house, 60, ...$this->bridge());
        $with = $this->foldOf($house, 90, ...$this->bridge(), ...[[60, 'power', ['device' => 'guest-climate', 'kind' => 'online']]]);

        self::assertCount(count($this->joined($before)) - 1, $this->joined($without));
        self::assertSame($this->address('guest-climate'), array_column($this->joined($with), 'address')[3]);
    }

    public function test_all_of_it_leaves_with_the_bridge(): void
    {
        $fold = $this->fold(90, ...$this->bridge(), ...[[60, 'remove', ['command' => 'go', 'address' => $this->address('rack-bridge')]]]);
        $left = array_filter($fold->hub->events, static fn (array $event): bool => $event['type'] === 'device.left');

        self::assertCount(4, $left);
        self::assertFalse($fold->world->devices['desk-left']->isIn());
    }

    public function test_one_of_it_is_not_removed_over_the_link(): void
    {
        $log = new HandLog(sys_get_temp_dir().'/kavvel-bridging-'.getmypid());
        $log->forget();
        foreach ($this->bridge() as [, $do, $deed]) {
            $log->append(['do' => $do, ...$deed]);
        }
        $log->append(['do' => 'advance', 'seconds' => 60]);
        $api = new GatewayApi(FoldTest::house(), $log, 'token');
        $lamp = "/v1/nodes/{$this->address('desk-left')}";
        [$status, $answer] = $api->answer('DELETE', $lamp, [], ['command' => 'go-away-now'], 'Bearer token');
        [, $list] = $api->answer('GET', '/v1/nodes', [], [], 'Bearer token');
        $log->forget();

        self::assertSame([422, 'bridged'], [$status, $answer['error']['code']]);
        self::assertContains($this->address('rack-bridge'), array_column($list['nodes'], 'via'));
    }

    public function test_hands_do_to_it_what_can_be_done_to_it(): void
    {
        $log = new HandLog(sys_get_temp_dir().'/kavvel-bridging-hands-'.getmypid());
        $log->forget();
        $page = new HandsPage(FoldTest::house(), $log);
        $devices = $this->fold(1)->world->devices;
        $html = $page->html('desk-left');
        $log->forget();

        self::assertSame(['Take its power away', 'Switch it by its own key'], array_column($page->deeds($devices['desk-left']), 'label'));
        self::assertSame('Give it power', $page->deeds($devices['guest-climate'])[0]['label']);
        self::assertStringNotContainsString('Plant a fault', $html);
    }

    /** @return list<array{int, string, array<string, mixed>}> the bridge is let in */
    private function bridge(): array
    {
        return [
            [1, 'open-window', [
                'command' => 'window', 'protocol' => 'matter', 'seconds' => 900, 'kind' => 'join',
                'code' => ['value' => FoldTest::house()->devices['rack-bridge']->code?->code->spelling()],
            ]],
            [2, 'gesture', ['device' => 'rack-bridge', 'kind' => 'power-on']],
        ];
    }

    /** @param array{int, string, array<string, mixed>} ...$deeds */
    private function fold(int $seconds, array ...$deeds): Fold
    {
        return $this->foldOf(FoldTest::house(), $seconds, ...$deeds);
    }

    /** @param array{int, string, array<string, mixed>} ...$deeds */
    private function foldOf(House $house, int $seconds, array ...$deeds): Fold
    {
        $log = [['at' => self::START, 'do' => 'boot', 'epoch' => 'first']];
        foreach ($deeds as [$at, $do, $deed]) {
            $log[] = ['at' => self::START + $at * 1000, 'do' => $do, ...$deed];
        }

        return Fold::of($house, $log, self::START + $seconds * 1000);
    }

    /** @return list<array<string, mixed>> */
    private function joined(Fold $fold): array
    {
        $joined = array_filter($fold->hub->events, static fn (array $event): bool => $event['type'] === 'device.joined');

        return array_values(array_column($joined, 'data'));
    }

    private function address(string $device): string
    {
        return FoldTest::house()->devices[$device]->address;
    }

    private static function demo(string $file): string
    {
        return dirname(__DIR__, 2)."/database/demo/{$file}";
    }
}
