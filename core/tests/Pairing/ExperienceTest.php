<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Pairing\Attempt;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Experience;
use Kavvel\Core\Pairing\Tried;
use PHPUnit\Framework\TestCase;

final class ExperienceTest extends TestCase
{
    public function test_one_device_is_no_experience(): void
    {
        self::assertNull(Experience::of([]));
        self::assertNull(Experience::of([new Tried(3, 9.0, [], [])]));
    }

    public function test_a_device_counts_from_its_first_try_to_the_last_that_let_it_in(): void
    {
        $tried = Tried::of([
            new Attempt(AttemptState::Silent, 4.0), new Attempt(AttemptState::Stopped, 0.5),
            new Attempt(AttemptState::InPart, 3.0, ['humidity']), new Attempt(AttemptState::Joined, 1.5),
            new Attempt(AttemptState::Silent, 9.0, ['never']),
        ]);

        self::assertEquals(new Tried(3, 9.0, [AttemptState::Silent, AttemptState::InPart], ['humidity']), $tried);
        self::assertEquals(new Tried(1, 0.0, [], []), Tried::of([new Attempt(AttemptState::Joined)]));
        self::assertNull(Tried::of([]));
        self::assertNull(Tried::of([new Attempt(AttemptState::Silent, 4.0), new Attempt(AttemptState::InPart, 3.0)]));
    }

    public function test_it_says_how_many_tries_how_long_and_what_befell_a_third(): void
    {
        $part = new Tried(
            4,
            12.0,
            [AttemptState::InPart, AttemptState::InPart, AttemptState::Silent],
            ['temperature', 'temperature', 'humidity'],
        );
        $late = new Tried(2, 0.2, [AttemptState::WindowEnded], []);
        $easy = new Tried(1, 2.0, [], []);

        self::assertSame(
            '2.0 tries on average over 3 devices, 5 min each; it is often not heard at first.',
            Experience::of([new Tried(4, 12.0, [AttemptState::Silent], []), $easy, $easy])?->words(),
        );
        self::assertSame(
            '3.0 tries on average over 3 devices, 9 min each; the interview is often cut short, and temperature, humidity was missing.',
            Experience::of([$part, $easy, $part])?->words(),
        );
        self::assertSame('In at the first try over 2 devices, 2 min each.', Experience::of([$easy, $easy])?->words());
        self::assertNull(Experience::of([$part, $easy, $easy, $easy])?->often);
        self::assertSame([], Experience::of([$part, $easy, $easy, $easy])?->missing);
        self::assertSame(
            '2.0 tries on average over 2 devices, 1 min each; the window often ends before it is in.',
            Experience::of([$late, $late])?->words(),
        );
        self::assertStringContainsString(
            'it often fails on the way',
            (string) Experience::of([new Tried(2, 1.0, [AttemptState::Failed], []), $easy])?->words(),
        );
    }
}
