<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\WhoIsWho;

use Kavvel\Core\WhoIsWho\Tally;
use PHPUnit\Framework\TestCase;

final class TallyTest extends TestCase
{
    public function test_says_what_is_in_and_what_is_not(): void
    {
        self::assertSame(
            ['in' => '30 of 60 in', 'in-part' => '1 in part', 'nobodys' => '2 nobody’s', 'open' => '29 open'],
            (new Tally(30, 1, 2, 29))->words(),
        );
    }

    public function test_says_nothing_of_what_there_is_none_of(): void
    {
        self::assertSame(['in' => '60 of 60 in'], (new Tally(60, 0, 0, 0))->words());
    }
}
