<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Protocol;

use Kavvel\Core\Protocol\Release;
use Kavvel\Core\Protocol\ReleaseUnreadable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ReleaseTest extends TestCase
{
    #[TestWith(['1.3', '1.2', true])]
    #[TestWith(['1.2', '1.3', false])]
    #[TestWith(['1.10', '1.9', true])]
    #[TestWith(['1.2.1', '1.2', true])]
    #[TestWith(['1.2', '1.2.0', false])]
    #[TestWith(['2', '1.9', true])]
    #[TestWith(['1.3', '1.3', false])]
    public function test_releases_are_numbers_and_not_fractions(string $one, string $other, bool $isLater): void
    {
        self::assertSame($isLater, Release::of($one)->isLaterThan(Release::of($other)));
    }

    #[TestWith([''])]
    #[TestWith(['v1.2'])]
    #[TestWith(['1.'])]
    #[TestWith(['1.2 beta'])]
    #[TestWith(['1.2.3.4.5'])]
    #[TestWith(["1.2\n"])]
    public function test_what_is_no_release_is_refused_in_words(string $text): void
    {
        $this->expectException(ReleaseUnreadable::class);
        Release::of($text);
    }
}
