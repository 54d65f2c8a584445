<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Pairing;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\Failure;
use Kavvel\Core\Pairing\NetworkFacts;
use PHPUnit\Framework\TestCase;

final class NetworkFactsTest extends TestCase
{
    private const ALL = [
        'bands' => ['2.4', '5'], 'security' => 'wpa2-wpa3', 'hidden' => false, 'oneSegment' => true, 'discovery' => false, 'tunnel' => true,
        'clock' => false,
    ];

    public function test_what_is_known_is_kept_and_read_back(): void
    {
        self::assertSame(self::ALL, NetworkFacts::fromInput(Input::of(self::ALL))->kept());
        self::assertSame([], NetworkFacts::fromInput(null)->kept());
        foreach (self::ALL as $name => $value) {
            self::assertSame([$name => $value], NetworkFacts::fromInput(Input::of([$name => $value]))->kept());
        }
    }

    public function test_what_is_not_known_is_as_another_knows_it(): void
    {
        $noted = NetworkFacts::fromInput(Input::of(self::ALL));
        $other = ['bands' => ['5'], 'security' => 'wpa3', 'hidden' => true, 'oneSegment' => false, 'discovery' => true, 'tunnel' => false,
            'clock' => true];

        self::assertSame(self::ALL, (new NetworkFacts)->or($noted)->kept());
        self::assertSame($other, NetworkFacts::fromInput(Input::of($other))->or($noted)->kept());
    }

    public function test_every_failure_says_what_was_seen(): void
    {
        $words = array_map(static fn (Failure $one): string => $one->words(), Failure::cases());

        self::assertSame($words, array_unique($words));
        self::assertSame(Failure::values(), array_map(static fn (Failure $one): string => $one->value, Failure::cases()));
    }
}
