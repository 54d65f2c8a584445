<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Standin\House\Remote;
use Kavvel\Standin\Link\GatewayApi;
use Kavvel\Standin\Time\Fold;
use Kavvel\Standin\Time\HandLog;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Devices that only listen: their remotes are learnt, and what is sent to them is obeyed by those that it gets to. */
final class RemotesTest extends TestCase
{
    private const START = 1_800_000_000_000;

    private const LEARN = ['command' => 'window', 'protocol' => 'ir', 'kind' => 'learn', 'seconds' => 30];

    public function test_a_key_that_is_tapped_at_the_hub_is_learnt_and_ends_the_window(): void
    {
        $fold = $this->fold(10, [1, 'open-window', self::LEARN], [2, 'remote-key', self::key('On')]);

        self::assertSame(['key.learnt', 'window.closed'], array_column(array_slice($fold->hub->events, -2), 'type'));
        self::assertSame(['window' => 'window', 'signal' => $this->remote('projector')->signal('On')], $this->last($fold, 'key.learnt'));
        self::assertTrue($fold->world->devices['projector']->on, 'the device hears its remote all the same');
    }

    /** @param array<string, mixed> $key */
    #[DataProvider('unclear')]
    public function test_what_is_heard_unclearly_says_how_and_the_window_stays(array $key, string $reason): void
    {
        $fold = $this->fold(10, [1, 'open-window', self::LEARN], [2, 'remote-key', $key]);

        self::assertSame(['window' => 'window', 'reason' => $reason], $this->last($fold, 'key.unclear'));
        self::assertNotSame([], $fold->hub->windows);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unclear(): iterable
    {
        yield 'held' => [['seconds' => 3] + self::key('On'), 'repeats'];
        yield 'from across the room' => [['point' => 'room'] + self::key('On'), 'weak'];
    }

    public function test_a_hub_that_does_not_listen_hears_nothing(): void
    {
        $other = ['protocol' => 'rf'] + self::LEARN;
        $fold = $this->fold(10, [1, 'remote-key', self::key('On')], [2, 'open-window', $other], [3, 'remote-key', self::key('Off')]);

        self::assertNull($this->last($fold, 'key.learnt'));
        self::assertSame('Off', $fold->world->devices['projector']->did);
    }

    public function test_a_preset_is_obeyed_but_for_the_keys_that_it_gets_wrong(): void
    {
        $send = static fn (string $key): array => ['command' => "send-{$key}", 'protocol' => 'ir', 'preset' => 'LN-BEAM-2', 'key' => $key];
        $fold = $this->fold(10, [1, 'send', $send('On')], [2, 'send', $send('Off')]);

        self::assertTrue($fold->world->devices['projector']->on, 'the house says that its preset lacks Off');
        self::assertSame(['command' => 'send-Off'], $this->last($fold, 'signal.sent'), 'it was sent all the same');
    }

    public function test_what_was_learnt_is_obeyed_where_the_hub_is_seen(): void
    {
        $send = fn (string $device): array => [
            'command' => "send-{$device}", 'protocol' => 'ir', 'signal' => $this->remote($device)->signal('On'),
        ];
        $fold = $this->fold(10, [1, 'send', $send('projector')], [2, 'send', $send('bath-heater')]);

        self::assertTrue($fold->world->devices['projector']->on);
        self::assertFalse($fold->world->devices['bath-heater']->on, 'a floor is between it and the hub');
        self::assertNotSame($this->remote('projector')->signal('On'), $this->remote('bath-heater')->signal('On'));
    }

    public function test_radio_of_433_mhz_goes_through_walls(): void
    {
        $fold = $this->fold(10, [1, 'send', [
            'command' => 'send-up', 'protocol' => 'rf', 'signal' => $this->remote('awning')->signal('Up'),
        ]]);

        self::assertSame('Up', $fold->world->devices['awning']->did);
    }

    public function test_a_preset_that_it_does_not_have_is_refused(): void
    {
        $log = new HandLog(sys_get_temp_dir().'/kavvel-remotes-'.getmypid());
        $log->forget();
        $api = new GatewayApi(FoldTest::house(), $log, 'token');
        $send = ['command' => 'send-0001', 'protocol' => 'ir', 'preset' => 'NOBODY', 'key' => 'On'];
        [$status, $answer] = $api->answer('POST', '/v1/signals', [], $send, 'Bearer token');
        [$missing] = $api->answer('POST', '/v1/signals', [], ['command' => 'send-0002', 'protocol' => 'ir'], 'Bearer token');
        $log->forget();

        self::assertSame([422, 'It has no preset for NOBODY.'], [$status, $answer['error']['message']]);
        self::assertSame(422, $missing);
    }

    /** @return array<string, mixed> tapped at the hub */
    private static function key(string $key): array
    {
        return ['device' => 'projector', 'kind' => $key, 'seconds' => 0.3, 'point' => 'hub'];
    }

    private function remote(string $device): Remote
    {
        return FoldTest::house()->devices[$device]->remote ?? self::fail("The {$device} has no remote.");
    }

    /** @param array{int, string, array<string, mixed>} ...$deeds */
    private function fold(int $seconds, array ...$deeds): Fold
    {
        $log = [['at' => self::START, 'do' => 'boot', 'epoch' => 'first']];
        foreach ($deeds as [$at, $do, $deed]) {
            $log[] = ['at' => self::START + $at * 1000, 'do' => $do, ...$deed];
        }

        return Fold::of(FoldTest::house(), $log, self::START + $seconds * 1000);
    }

    /** @return array<string, mixed>|null data of the last event of this type */
    private function last(Fold $fold, string $type): ?array
    {
        $all = array_values(array_filter($fold->hub->events, static fn (array $event): bool => $event['type'] === $type));

        return $all === [] ? null : $all[count($all) - 1]['data'];
    }
}
