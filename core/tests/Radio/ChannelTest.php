<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Radio\Channel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ChannelTest extends TestCase
{
    #[DataProvider('channels')]
    public function test_a_channel_has_its_centre(string $protocol, int $number, ?float $mhz): void
    {
        self::assertSame($mhz, Channel::centreMHz($protocol, $number));
    }

    /** @return list<array{string, int, float|null}> */
    public static function channels(): array
    {
        return [
            ['zigbee', 11, 2405.0], ['zigbee', 20, 2450.0], ['thread', 26, 2480.0], ['zigbee', 10, null], ['zigbee', 27, null],
            ['wifi', 1, 2412.0], ['wifi', 6, 2437.0], ['wifi', 13, 2472.0], ['wifi', 14, 2484.0], ['wifi', 0, null], ['wifi', 15, null],
            ['zwave', 1, null],
        ];
    }
}
