<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Codes;

use Kavvel\Core\Codes\CodeRefused;
use Kavvel\Core\Codes\PartialDsk;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PartialDskTest extends TestCase
{
    private const REST = '11111-22222-33333-44444-55555-65535-00001';

    public function test_with_the_pin_it_is_the_whole_key(): void
    {
        $partial = PartialDsk::read(self::REST);

        self::assertSame(self::REST, $partial->shown());
        self::assertSame('04711-'.self::REST, $partial->with('04711')->shown());
        self::assertSame('04711-'.self::REST, $partial->with(' 0471 1 ')->shown(), 'forgiving of spaces');
        self::assertTrue($partial->isOf('04711-'.self::REST));
        self::assertFalse($partial->isOf('04711-'.str_replace('1', '2', self::REST)));
        self::assertFalse($partial->isOf(self::REST));
    }

    #[DataProvider('wrong')]
    public function test_a_wrong_pin_says_what_is_wrong(string $pin, string $reason, string $words): void
    {
        try {
            PartialDsk::read(self::REST)->with($pin);
            self::fail('It was taken.');
        } catch (CodeRefused $refused) {
            self::assertSame($reason, $refused->reason);
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wrong(): iterable
    {
        yield 'a letter' => ['0471O', 'bad-character', 'O'];
        yield 'too short' => ['0471', 'bad-length', 'The PIN has 5 digits'];
        yield 'the whole key' => ['04711-'.self::REST, 'bad-length', 'The PIN has 5 digits'];
        yield 'too large a group' => ['65536', 'out-of-range', '65536'];
    }

    public function test_what_shows_no_seven_groups_is_refused(): void
    {
        $this->expectException(CodeRefused::class);
        PartialDsk::read('11111-22222');
    }
}
