<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\Mark;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MarkTest extends TestCase
{
    #[TestWith(['02A7', '02A7', true])]
    #[TestWith(['02A7', '02A8', false])]
    #[TestWith([null, '02A8', true])]
    #[TestWith(['02A7', null, true])]
    #[TestWith([null, null, true])]
    public function test_what_was_done_for_a_device_stands_for_no_other(?string $then, ?string $now, bool $stands): void
    {
        self::assertSame($stands, Mark::stands($then, $now));
    }
}
