<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Radio\ChannelAdvice;
use PHPUnit\Framework\TestCase;

final class ChannelAdviceTest extends TestCase
{
    public function test_changing_is_worth_it_the_less_the_more_is_in(): void
    {
        self::assertSame(ChannelAdvice::Take, ChannelAdvice::of(null, -80, 0));
        self::assertSame(ChannelAdvice::Keep, ChannelAdvice::of(-80, -80, 0));
        self::assertSame(ChannelAdvice::Keep, ChannelAdvice::of(-77.1, -80, 0));
        self::assertSame(ChannelAdvice::Change, ChannelAdvice::of(-77, -80, 0));
        self::assertSame(ChannelAdvice::Keep, ChannelAdvice::of(-70.1, -80, 1));
        self::assertSame(ChannelAdvice::Change, ChannelAdvice::of(-70, -80, 1));
    }
}
