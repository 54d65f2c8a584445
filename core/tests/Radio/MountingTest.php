<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Radio;

use Kavvel\Core\Radio\Mounting;
use PHPUnit\Framework\TestCase;

final class MountingTest extends TestCase
{
    public function test_what_a_device_is_mounted_in_costs_what_the_table_says(): void
    {
        $losses = [];
        foreach (Mounting::cases() as $mounting) {
            $losses[] = $mounting->lossDb();
        }

        self::assertSame([0.0, 1.0, 6.0, 8.0, 15.0], $losses, 'surface, plastic box, metal box, screen or mirror, metal cabinet');
    }
}
