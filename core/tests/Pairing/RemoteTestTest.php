<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Pairing\RemoteTest;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Tests\Wants\Shelf;
use PHPUnit\Framework\TestCase;

final class RemoteTestTest extends TestCase
{
    public function test_what_works_pointing_away_is_radio(): void
    {
        self::assertSame(Protocol::Rf433, (new RemoteTest(true, false))->protocol());
        self::assertSame(Protocol::Infrared, (new RemoteTest(false, false))->protocol());
    }

    public function test_what_follows_for_the_plan(): void
    {
        self::assertSame([], (new RemoteTest(false, false))->remarks(Protocol::Infrared));
        self::assertSame(
            ['Its remote is 433 MHz, and the plan says Infrared: choose another profile.'],
            (new RemoteTest(true, false))->remarks(Protocol::Infrared),
        );
        self::assertStringStartsWith('One code switches it on and off', (new RemoteTest(false, true))->remarks(Protocol::Infrared)[0]);
        self::assertCount(2, (new RemoteTest(true, true))->remarks(Protocol::Infrared));
    }

    public function test_it_is_asked_of_machines_with_a_remote_of_their_own(): void
    {
        $isAsked = static fn (string $protocol, string $can): bool => RemoteTest::isAskedOf(
            Shelf::profile('p', ['protocol' => $protocol, 'power' => 'mains', 'capabilities' => [$can]]),
        );

        self::assertTrue($isAsked('ir', 'on-off'));
        self::assertTrue($isAsked('rf', 'cover'));
        self::assertFalse($isAsked('rf', 'button'), 'it is a remote itself');
        self::assertFalse($isAsked('zigbee', 'on-off'), 'it says what state it is in');
    }
}
