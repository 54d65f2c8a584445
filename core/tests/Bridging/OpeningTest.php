<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\Opening;
use PHPUnit\Framework\TestCase;

/** What is opened for the work only is registered with what it means and who closes it. */
final class OpeningTest extends TestCase
{
    public function test_each_says_what_it_means_and_who_closes_it(): void
    {
        self::assertSame(
            'Remote access, Hub: whoever has it works the house from outside; we switch it off on the page of the box',
            Opening::RemoteAccess->register('Hub'),
        );
        foreach (['words', 'effect', 'closing'] as $part) {
            $said = array_map(static fn (Opening $one): string => $one->{$part}(), Opening::cases());
            self::assertSame($said, array_unique($said), $part);
        }
        foreach (Opening::cases() as $one) {
            self::assertLessThanOrEqual(190, mb_strlen($one->register(str_repeat('x', 80))), 'as much as the register keeps');
        }
    }
}
