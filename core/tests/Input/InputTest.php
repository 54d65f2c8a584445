<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Input;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class InputTest extends TestCase
{
    /** @param callable(Input): mixed $read */
    #[DataProvider('ends')]
    public function test_the_ends_of_a_range_are_inside_and_what_lies_beyond_is_refused(
        callable $read,
        mixed $inside,
        mixed $beyond,
    ): void {
        self::assertEquals($inside, $read(Input::of(['v' => $inside])->get('v')));
        try {
            $read(Input::of(['v' => $beyond])->get('v'));
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame('$.v', $refused->at);
        }
    }

    /** @return array<string, array{callable(Input): mixed, mixed, mixed}> */
    public static function ends(): array
    {
        return [
            'the largest number' => [static fn (Input $input): float => $input->number(), 1e12, 1e12 + 1],
            'the smallest number' => [static fn (Input $input): float => $input->number(), -1e12, -1e12 - 1],
            'no number' => [static fn (Input $input): float => $input->number(), 0, '0'],
            'from nought' => [static fn (Input $input): float => $input->numberFrom(0), 0, -0.001],
            'more than nought' => [static fn (Input $input): float => $input->positive(), 0.001, 0],
            'whole, from two' => [static fn (Input $input): int => $input->wholeFrom(2), 2, 1],
            'whole' => [static fn (Input $input): int => $input->wholeFrom(0), 0, 0.5],
            'a share, not nought' => [static fn (Input $input): float => $input->shareInside(), 0.001, 0],
            'a share, not one' => [static fn (Input $input): float => $input->shareInside(), 0.999, 1],
            'a word' => [static fn (Input $input): string => $input->word(['up', 'down']), 'down', 'left'],
            'a flag' => [static fn (Input $input): bool => $input->flag(), false, 0],
            'an id' => [static fn (Input $input): string => $input->id(), 'a', ''],
            'a list' => [static fn (Input $input): int|array => count($input->items()) === 0 ? [] : 1, [], ['a' => 1]],
        ];
    }
}
