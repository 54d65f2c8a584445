<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Radio\ChannelRanking;
use Kavvel\Core\Radio\HeardWifi;
use Kavvel\Core\Radio\RankedChannel;
use PHPUnit\Framework\TestCase;

final class ChannelRankingTest extends TestCase
{
    public function test_interference_is_as_it_was_computed_apart_from_this_code(): void
    {
        $vectors = json_decode((string) file_get_contents(__DIR__.'/../vectors/radio.json'), true, 512, JSON_THROW_ON_ERROR);
        foreach ($vectors['channels'] as $vector) {
            $ranking = new ChannelRanking(array_map(
                static fn (array $one): HeardWifi => HeardWifi::on($one['channel'], $one['widthMHz'], null, $one['rssiDbm'], $one['busy']),
                array_values($vector['wifi']),
            ));
            foreach ($vector['interferenceDbm'] as $channel => $dbm) {
                self::assertEqualsWithDelta($dbm, $ranking->interferenceDbm($channel), 0.005, "channel {$channel}");
            }
        }
    }

    public function test_without_wifi_there_is_the_noise(): void
    {
        self::assertEqualsWithDelta(-100.0, (new ChannelRanking([]))->interferenceDbm(15), 1e-9);
    }

    public function test_the_quietest_comes_first_the_last_channel_last_and_near_ones_after_all(): void
    {
        $ranking = new ChannelRanking([HeardWifi::on(1, 20, null, -50, 0.4)]);
        $order = $ranking->of([26, 11, 25, 24, 20, 21, 16], [20, 23]);

        self::assertSame([25, 16, 11, 26, 20, 21, 24], array_map(static fn (RankedChannel $one): int => $one->channel, $order));
        $near = array_map(static fn (RankedChannel $one): ?int => $one->tooNear, $order);
        self::assertSame([null, null, null, null, 20, 20, 23], $near);
    }

    public function test_a_wide_network_of_unknown_side_counts_as_the_worse_of_both(): void
    {
        $on = static function (?string $side, int $channel): float {
            return (new ChannelRanking([HeardWifi::on(6, 40, $side, -50, 1.0)]))->interferenceDbm($channel);
        };

        self::assertGreaterThan($on('below', 24), $on('above', 24));
        self::assertGreaterThan($on('above', 12), $on('below', 12));
        foreach ([12, 18, 24] as $channel) {
            self::assertSame(max($on('above', $channel), $on('below', $channel)), $on(null, $channel));
        }
    }

    public function test_a_network_counts_where_it_is_the_loudest(): void
    {
        $heard = [HeardWifi::on(6, 20, null, -70, 0.5), HeardWifi::on(6, 20, null, -50, 0.5), HeardWifi::on(6, 20, null, -60, 0.5)];

        self::assertSame($heard[1], HeardWifi::loudest($heard));
    }
}
