<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Calibrating;

use Kavvel\Core\Calibrating\HeardPath;
use Kavvel\Core\Mesh\Link;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HeardPathTest extends TestCase
{
    #[DataProvider('links')]
    public function test_what_a_link_lost_is_told_by_its_margins(Link $measured, bool $isBackKnown, float $lossDb): void
    {
        $path = HeardPath::between('zigbee hub plug', 6.5, new Link('hub', 'plug', 40.0, 30.0), $measured, $isBackKnown);

        self::assertSame(['zigbee hub plug', 6.5, $lossDb], [$path->id, $path->distanceM, $path->lossDb]);
    }

    /** @return iterable<string, array{Link, bool, float}> */
    public static function links(): iterable
    {
        yield 'both ways' => [new Link('hub', 'plug', 34.0, 20.0), true, 8.0];
        yield 'told from the other end' => [new Link('plug', 'hub', 20.0, 34.0), true, 8.0];
        yield 'it sleeps, and only the first way is known' => [new Link('hub', 'plug', 34.0, 0.0), false, 6.0];
        yield 'it sleeps, told from the other end' => [new Link('plug', 'hub', 20.0, 0.0), false, 10.0];
        yield 'better than the plan' => [new Link('hub', 'plug', 42.0, 32.0), true, -2.0];
    }

    public function test_a_level_at_the_receiver_tells_it_as_well(): void
    {
        self::assertSame(7.5, HeardPath::of('zigbee hub plug', 6.5, -60.0, -67.5)->lossDb);
    }
}
