<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Cli;

use Kavvel\Core\Cli\CommandLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CalibrateVerbTest extends TestCase
{
    public function test_it_tells_the_clutter_and_what_is_hidden(): void
    {
        $links = [];
        foreach ([2, 5, 8, 11, 14, 17, 20, 23] as $number => $distance) {
            $loss = 4.126 + 0.55 * $distance + ($number === 4 ? 21.4 : 0);
            $links[] = ['id' => "l{$number}", 'distanceM' => $distance, 'modelRssiDbm' => -50, 'measuredRssiDbm' => -50 - $loss];
        }

        self::assertSame([
            'used' => true, 'links' => 8, 'clutterConstantDb' => 4.13, 'clutterPerMetreDb' => 0.55, 'rmseBeforeDb' => 10.15,
            'rmseDb' => 0.0, 'obstacles' => [['id' => 'l4', 'worseDb' => 21.4]],
        ], $this->answer(['clutterConstantDb' => 3, 'clutterPerMetreDb' => 0.3, 'links' => $links]));
    }

    public function test_too_few_links_keep_what_was_given(): void
    {
        $link = ['id' => 'a', 'distanceM' => 4, 'modelRssiDbm' => -50, 'measuredRssiDbm' => -60];

        self::assertSame([
            'used' => false, 'links' => 1, 'clutterConstantDb' => 2.5, 'clutterPerMetreDb' => 0.4, 'rmseBeforeDb' => 5.9,
            'rmseDb' => null, 'obstacles' => [],
        ], $this->answer(['clutterConstantDb' => 2.5, 'clutterPerMetreDb' => 0.4, 'links' => [$link]]));
        self::assertNull($this->answer(['links' => []])['rmseBeforeDb']);
    }

    #[DataProvider('refused')]
    public function test_what_can_not_be_used_says_where(string $json, string $code, string $at): void
    {
        [$exit, $answer] = CommandLine::answer('calibrate', $json);

        self::assertSame([2, $code, $at], [$exit, json_decode($answer, true)['error']['code'], json_decode($answer, true)['error']['at']]);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        $link = '{"id":"a","distanceM":4,"modelRssiDbm":-50,"measuredRssiDbm":-60}';
        yield 'no links' => ['{}', 'missing', '$.links'];
        yield 'an id twice' => ["{\"links\":[{$link},{$link}]}", 'duplicate-id', '$.links[1].id'];
        yield 'no length' => ['{"links":['.str_replace('4', '0', $link).']}', 'out-of-range', '$.links[0].distanceM'];
        yield 'no measurement' => ['{"links":['.str_replace('-60', 'null', $link).']}', 'bad-type', '$.links[0].measuredRssiDbm'];
        yield 'words for a constant' => ["{\"clutterConstantDb\":\"much\",\"links\":[{$link}]}", 'bad-type', '$.clutterConstantDb'];
    }

    /**
     * @param  array<string, mixed>  $input
     * @return array<string, mixed>
     */
    private function answer(array $input): array
    {
        [$exit, $json] = CommandLine::answer('calibrate', (string) json_encode($input));
        self::assertSame(0, $exit, $json);

        return json_decode($json, true);
    }
}
