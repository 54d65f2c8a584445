<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Radio\ChannelAdvice;
use Kavvel\Core\Radio\RankedChannel;
use PHPUnit\Framework\TestCase;

final class ChannelAdviceTest extends TestCase
{
    public function test_changing_is_worth_it_the_less_the_more_is_in(): void
    {
        $best = new RankedChannel(15, -80, null);
        $advice = static fn (float $dbm, int $in): ChannelAdvice => ChannelAdvice::of(new RankedChannel(20, $dbm, null), $best, $in);

        self::assertSame(ChannelAdvice::Take, ChannelAdvice::of(null, $best, 0));
        self::assertSame(ChannelAdvice::Keep, $advice(-80, 0));
        self::assertSame(ChannelAdvice::Keep, $advice(-77.1, 0));
        self::assertSame(ChannelAdvice::Change, $advice(-77, 0));
        self::assertSame(ChannelAdvice::Keep, $advice(-70.1, 1));
        self::assertSame(ChannelAdvice::Change, $advice(-70, 1));
    }

    public function test_a_channel_next_to_ours_is_left_where_there_is_another(): void
    {
        $near = new RankedChannel(20, -90, 21);

        self::assertSame(ChannelAdvice::Change, ChannelAdvice::of($near, new RankedChannel(15, -80, null), 9));
        self::assertSame(ChannelAdvice::Keep, ChannelAdvice::of($near, new RankedChannel(15, -90, 16), 0));
        self::assertSame(ChannelAdvice::Keep, ChannelAdvice::of($near, $near, 0));
    }
}
