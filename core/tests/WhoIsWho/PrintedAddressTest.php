<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\WhoIsWho;

use Kavvel\Core\WhoIsWho\PrintedAddress;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PrintedAddressTest extends TestCase
{
    #[TestWith(['02B4D1000000020C', true])]
    #[TestWith(['0x02b4d1000000020c', true])]
    #[TestWith(['02:B4:D1:00:00:00:02:0C', true])]
    #[TestWith([' 02-b4-d1-00-00-00-02-0c ', true])]
    #[TestWith(['020c', true])]
    #[TestWith(['20C', false])]
    #[TestWith(['', false])]
    #[TestWith(['02B4', false])]
    #[TestWith(['FF02B4D1000000020C', false])]
    public function test_finds_an_address_whole_or_by_its_end(string $printed, bool $isIt): void
    {
        self::assertSame($isIt, PrintedAddress::is($printed, '02B4D1000000020C'));
    }
}
