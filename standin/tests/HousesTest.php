<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Standin\House\Houses;
use PHPUnit\Framework\TestCase;

/** One stand-in for several houses, each below an address of its own. */
final class HousesTest extends TestCase
{
    public function test_without_a_name_it_is_the_house_of_the_demo(): void
    {
        $asked = $this->asked('/hands');

        self::assertSame(['', '/hands', 'state'], [$asked?->base, $asked?->path, $asked?->state]);
    }

    public function test_a_house_has_its_own_address_state_and_devices(): void
    {
        $folder = sys_get_temp_dir().'/kavvel-houses-'.getmypid();
        $asked = $this->asked('/houses/net-loft/v1/about', $folder);

        self::assertSame(['/houses/net-loft', '/v1/about', "{$folder}/net-loft"], [$asked?->base, $asked?->path, $asked?->state]);
        self::assertArrayHasKey('kettle-plug', $asked?->house()->devices ?? []);
        self::assertSame('/', $this->asked('/houses/net-loft')?->path);
    }

    public function test_there_is_no_other(): void
    {
        self::assertNull($this->asked('/houses/nowhere/hands'));
        self::assertSame('/houses/../secret', $this->asked('/houses/../secret')?->path, 'no name of a house');
    }

    private function asked(string $path, string $state = 'state'): ?Houses
    {
        $demo = dirname(__DIR__, 2).'/database/demo';

        return Houses::asked($path, "{$demo}/lantern-house.json", "{$demo}/lantern-house.truth.json", $state);
    }
}
