<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Pairing\LearnStep;
use Kavvel\Core\Pairing\LearnTalk;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LearnTalkTest extends TestCase
{
    #[DataProvider('standings')]
    public function test_each_standing_has_its_act(
        LearnTalk $talk,
        LearnStep $step,
        bool $isLinked = true,
        bool $isBlocked = false,
        bool $isListening = false,
        bool $isSent = false,
    ): void {
        self::assertSame($talk, LearnTalk::of($step, $isLinked, $isBlocked, $isListening, $isSent));
    }

    /** @return iterable<string, array<array-key, LearnTalk|LearnStep|bool>> */
    public static function standings(): iterable
    {
        yield 'done' => [LearnTalk::Done, LearnStep::Done];
        yield 'done without a link' => [LearnTalk::Done, LearnStep::Done, 'isLinked' => false];
        yield 'without a link it is written down' => [LearnTalk::ByHand, LearnStep::TryPreset, 'isLinked' => false];
        yield 'a preset is sent' => [LearnTalk::Send, LearnStep::TryPreset];
        yield 'what was learnt is sent' => [LearnTalk::Send, LearnStep::Try];
        yield 'what was sent is answered' => [LearnTalk::Answer, LearnStep::Try, 'isSent' => true];
        yield 'it is answered while the hub is away' => [LearnTalk::Answer, LearnStep::TryPreset, 'isBlocked' => true, 'isSent' => true];
        yield 'it is learnt, whatever was sent before' => [LearnTalk::Listen, LearnStep::Learn, 'isSent' => true];
        yield 'it listens' => [LearnTalk::Listening, LearnStep::Learn, 'isListening' => true];
        yield 'it listens while nothing is heard of the hub' => [
            LearnTalk::Listening, LearnStep::Learn, 'isBlocked' => true, 'isListening' => true,
        ];
        yield 'nothing is learnt while it listens for another' => [LearnTalk::Wait, LearnStep::Learn, 'isBlocked' => true];
        yield 'nothing is sent while the hub is away' => [LearnTalk::Wait, LearnStep::Try, 'isBlocked' => true];
    }
}
