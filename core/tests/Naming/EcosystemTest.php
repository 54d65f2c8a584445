<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Naming;

use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Naming\Ecosystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EcosystemTest extends TestCase
{
    public function test_the_shortest_and_the_longest_are_taken_and_a_bad_line_is_named(): void
    {
        self::assertSame([1, 250], array_map(static fn (Ecosystem $one): ?int => $one->maxLength, Ecosystem::fromLines("a, 1\nb, 250")));
        $this->expectExceptionMessage('line 2');
        Ecosystem::fromLines("panel, 12\nphone, 0");
    }

    public function test_platforms_are_read_line_by_line(): void
    {
        $all = Ecosystem::fromLines(" voice platform, 30 \n\n panel ; 12\r\nphone, upstairs\n");

        self::assertSame(
            [['voice platform', 30], ['panel', 12], ['phone, upstairs', null]],
            array_map(static fn (Ecosystem $one): array => [$one->id, $one->maxLength], $all),
        );
        self::assertSame([], Ecosystem::fromLines(''));
    }

    #[TestWith(['panel, 0'])]
    #[TestWith(['panel, 251'])]
    #[TestWith(['panel, -5'])]
    #[TestWith(["panel\nPanel, 3"])]
    #[TestWith([', 30'])]
    public function test_what_is_no_platform_is_refused_with_its_line(string $text): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessageMatches('/line \d|stands twice/');
        Ecosystem::fromLines($text);
    }
}
