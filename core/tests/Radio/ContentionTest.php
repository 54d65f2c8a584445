<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Radio\Contention;
use Kavvel\Core\Radio\WifiNetwork;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ContentionTest extends TestCase
{
    #[DataProvider('distances')]
    public function test_the_mask_falls_in_straight_lines(int $width, float $apart, float $down): void
    {
        $network = new WifiNetwork(2437, $width, -50, 0.5);

        self::assertEqualsWithDelta(-50 + $down - 10 * log10($width / 2), $network->inChannelDbm(2437 + $apart), 1e-9);
        self::assertSame($network->inChannelDbm(2437 + $apart), $network->inChannelDbm(2437 - $apart));
    }

    /** @return list<array{int, float, float}> */
    public static function distances(): array
    {
        return [
            [20, 0, 0], [20, 9, 0], [20, 10, -10], [20, 11, -20], [20, 20, -28], [20, 25, -34], [20, 30, -40], [20, 90, -40], [40, 19, 0],
            [40, 20, -10], [40, 60, -40],
        ];
    }

    public function test_a_link_is_contended_under_a_busy_network_and_three_decibels(): void
    {
        $busy = [new WifiNetwork(2437, 20, -50, 0.5)];

        self::assertTrue(Contention::isContended(-57.01, 2437, $busy), '−60 dBm fall into the channel');
        self::assertFalse(Contention::isContended(-57.0, 2437, $busy));
        self::assertFalse(Contention::isContended(-70, 2437, [new WifiNetwork(2437, 20, -50, 0.3)]), 'not busy enough');
        self::assertFalse(Contention::isContended(-70, 2480, $busy), 'too far away');
    }
}
