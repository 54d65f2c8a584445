<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Input;

use DateTimeZone;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Texts, whole numbers and times at the ends of what they may be. */
final class MeasureTest extends TestCase
{
    /** @return array<string, array{string, string}> a time, and the same in UTC */
    public static function moments(): array
    {
        return [
            'to the second' => ['2026-11-20T09:30:00Z', '2026-11-20T09:30:00.000000'],
            'to the microsecond' => ['2026-11-20T09:30:00.123456Z', '2026-11-20T09:30:00.123456'],
            'in another zone' => ['2026-11-20T09:30:00+02:00', '2026-11-20T07:30:00.000000'],
            'a day that some years have' => ['2028-02-29T00:00:00Z', '2028-02-29T00:00:00.000000'],
            'the first' => ['2000-01-01T00:00:00Z', '2000-01-01T00:00:00.000000'],
            'the last' => ['2037-12-31T23:59:59Z', '2037-12-31T23:59:59.000000'],
        ];
    }

    #[DataProvider('moments')]
    public function test_a_time_is_read(string $written, string $inUtc): void
    {
        $moment = Input::of(['at' => $written])->get('at')->moment();

        self::assertSame($inUtc, $moment->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.u'));
    }

    /** @return list<array{mixed}> */
    public static function noMoments(): array
    {
        return [
            ['tomorrow'], [''], ['2026-11-20'], ['2026-11-20 09:30:00Z'], ['2026-11-20T09:30Z'], ['2026-11-20T09:30:00'],
            ['2026-02-29T00:00:00Z'],
            ['2026-13-01T00:00:00Z'], ['2026-11-20T25:00:00Z'], ['1999-12-31T23:59:59Z'], ['2038-01-01T00:00:00Z'],
            ['2026-11-20T09:30:00.1234567Z'],
        ];
    }

    #[DataProvider('noMoments')]
    public function test_what_is_no_time_is_refused_with_its_path(mixed $written): void
    {
        self::assertSame('out-of-range $.at', self::refusal(static fn (Input $at) => $at->moment(), $written));
    }

    /** @return array<string, array{callable(Input): mixed, mixed, mixed, string}> reader, last that is taken, first that is not, refusal */
    public static function edges(): array
    {
        return [
            'a text' => [static fn (Input $in) => $in->textUpTo(3), 'äöü', 'äöüß', 'out-of-range $.at'],
            'an id' => [static fn (Input $in) => $in->idUpTo(3), 'äöü', 'äöüß', 'out-of-range $.at'],
            'no id' => [static fn (Input $in) => $in->idUpTo(3), 'a', '', 'out-of-range $.at'],
            'a whole number' => [static fn (Input $in) => $in->whole(-2, 7), 7, 8, 'out-of-range $.at'],
            'a whole number below' => [static fn (Input $in) => $in->whole(-2, 7), -2, -3, 'out-of-range $.at'],
            'the largest whole number' => [
                static fn (Input $in) => $in->wholeFrom(0), 9_007_199_254_740_992, 9_007_199_254_740_993, 'out-of-range $.at',
            ],
            'the least whole number' => [
                static fn (Input $in) => $in->wholeFrom(PHP_INT_MIN), -9_007_199_254_740_992, -9_007_199_254_740_993, 'out-of-range $.at',
            ],
            'an object' => [static fn (Input $in) => $in->properties(), ['a' => 1], [1], 'bad-type $.at'],
        ];
    }

    /** @param callable(Input): mixed $read */
    #[DataProvider('edges')]
    public function test_the_last_is_taken_and_the_first_beyond_is_not(callable $read, mixed $last, mixed $beyond, string $refusal): void
    {
        self::assertSame($last, $read(Input::of(['at' => $last])->get('at')));
        self::assertSame($refusal, self::refusal($read, $beyond));
    }

    /** @return array<string, array{string, bool}> JSON, and whether a verb can work on it */
    public static function sizes(): array
    {
        return [
            'a text' => ['{"a":"'.str_repeat('ä', 10_000).'"}', true], 'a text more' => ['{"a":"'.str_repeat('ä', 10_001).'"}', false],
            'a list' => ['{"a":['.str_repeat('0,', 49_999).'0]}', true], 'a list more' => ['{"a":['.str_repeat('0,', 50_000).'0]}', false],
            'a text in a list in an object' => ['{"a":{"b":[["'.str_repeat('x', 10_001).'"]]}}', false],
        ];
    }

    #[DataProvider('sizes')]
    public function test_what_has_no_end_is_refused_before_it_is_read(string $json, bool $isTaken): void
    {
        try {
            Input::parse($json)->inMeasure();
            self::assertTrue($isTaken);
        } catch (InvalidInput $refused) {
            self::assertSame([false, 'too-large'], [$isTaken, $refused->reason]);
            self::assertStringStartsWith('$.a', $refused->at);
        }
    }

    public function test_twenty_megabytes_are_the_most(): void
    {
        $json = '{"a":1}';
        $most = $json.str_repeat(' ', Input::MOST_BYTES - strlen($json));
        self::assertSame(1, Input::parse($most)->get('a')->wholeFrom(0));
        self::assertSame(20 * 1024 * 1024, Input::MOST_BYTES);

        $this->expectException(InvalidInput::class);
        Input::parse($most.' ');
    }

    public function test_an_empty_list_is_no_object_and_an_empty_object_no_list(): void
    {
        self::assertSame([], Input::parse('{"a":{}}')->get('a')->properties());
        self::assertSame([], Input::parse('{"a":[]}')->get('a')->items());
        self::assertSame('bad-type $.a', self::refusalOf('{"a":[]}', static fn (Input $in) => $in->get('a')->properties()));
        self::assertSame('bad-type $.a', self::refusalOf('{"a":{}}', static fn (Input $in) => $in->get('a')->items()));
        self::assertSame([], Input::of(['a' => []])->get('a')->properties(), 'what was decoded into arrays may be either');
        self::assertSame('bad-type $', self::refusalOf('[]', static fn () => null));
    }

    /** @param callable(Input): mixed $read */
    private static function refusal(callable $read, mixed $value): string
    {
        try {
            $read(Input::of(['at' => $value])->get('at'));

            return 'taken';
        } catch (InvalidInput $refused) {
            return "{$refused->reason} {$refused->at}";
        }
    }

    /** @param callable(Input): mixed $read */
    private static function refusalOf(string $json, callable $read): string
    {
        try {
            $read(Input::parse($json));

            return 'taken';
        } catch (InvalidInput $refused) {
            return "{$refused->reason} {$refused->at}";
        }
    }
}
