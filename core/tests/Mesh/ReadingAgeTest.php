<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Mesh;

use Kavvel\Core\Mesh\Member;
use Kavvel\Core\Mesh\ReadingAge;
use PHPUnit\Framework\TestCase;

final class ReadingAgeTest extends TestCase
{
    public function test_the_same_devices_at_the_same_places_leave_a_reading_fresh(): void
    {
        $members = [new Member('a', '01', '1,2,3'), new Member('b', '02', '4,5,6')];

        self::assertFalse(ReadingAge::between($members, array_reverse($members))->isStale());
        self::assertSame('', ReadingAge::between($members, $members)->words());
    }

    public function test_what_came_went_moved_or_was_exchanged_makes_it_stale(): void
    {
        $then = [
            new Member('1', '01', 'here'), new Member('b', '02', 'here'), new Member('c', '03', 'here'), new Member('d', '04', 'here'),
        ];
        $now = [
            new Member('1', '01', 'there'), new Member('b', '05', 'here'), new Member('d', '04', 'here'), new Member('e', '06', 'here'),
        ];
        $age = ReadingAge::between($then, $now);

        self::assertTrue($age->isStale());
        self::assertSame([['e'], ['c'], ['1', 'b']], [$age->cameIn, $age->wentOut, $age->changed]);
        self::assertSame('One device has come in, one device has gone, 2 devices have been moved or exchanged since.', $age->words());
    }

    public function test_each_kind_of_change_is_enough(): void
    {
        $a = new Member('a', '01', 'here');

        self::assertTrue(ReadingAge::between([], [$a])->isStale());
        $moved = ReadingAge::between([$a], [$a], true);
        self::assertTrue($moved->isStale());
        self::assertSame('The hub has been moved since.', $moved->words());
        self::assertTrue(ReadingAge::between([$a], [])->isStale());
        self::assertTrue(ReadingAge::between([$a], [new Member('a', '01', 'there')])->isStale());
        self::assertSame('2 devices have come in since.', ReadingAge::between([], [$a, new Member('b', '02', 'here')])->words());
    }
}
