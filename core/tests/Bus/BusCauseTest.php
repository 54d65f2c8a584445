<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bus;

use Kavvel\Core\Bus\BusCause;
use Kavvel\Core\Bus\PointGuess;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BusCauseTest extends TestCase
{
    #[DataProvider('evidence')]
    public function test_the_likeliest_cause_goes_by_what_else_is_heard(bool $anything, bool $stranger, BusCause $first): void
    {
        $ranked = BusCause::ranked($anything, $stranger);

        self::assertSame($first, $ranked[0]);
        self::assertEqualsCanonicalizing(BusCause::cases(), $ranked, 'none is kept back');
    }

    /** @return iterable<string, array{bool, bool, BusCause}> */
    public static function evidence(): iterable
    {
        yield 'nothing at all' => [false, false, BusCause::NoSupply];
        yield 'others speak' => [true, false, BusCause::NotLoaded];
        yield 'somebody speaks at an address that the project has not' => [true, true, BusCause::OtherAddress];
    }

    public function test_every_cause_says_what_it_is_and_what_to_try(): void
    {
        foreach (BusCause::cases() as $cause) {
            self::assertNotSame('', $cause->words());
            self::assertStringEndsWith('.', $cause->try());
        }
    }

    #[DataProvider('names')]
    public function test_a_control_point_is_the_one_device_whose_title_has_all_its_words(string $name, ?string $key): void
    {
        self::assertSame($key, PointGuess::of($name, [
            'hall' => 'Door keypad, hall', 'shop' => 'Door keypad, shop', 'log' => 'Ceiling presence sensor, log room',
        ]));
    }

    /** @return iterable<array{string, string|null}> */
    public static function names(): iterable
    {
        yield ['Hall keypad', 'hall'];
        yield ['KEYPAD: hall', 'hall'];
        yield ['Log room', 'log'];
        yield ['Keypad', null];
        yield ['Hall keypads', null];
        yield ['Stair light', null];
        yield ['–', null];
    }
}
