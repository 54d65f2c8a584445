<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\Prospect;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Routing;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\Site\WallSegment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ProspectTest extends TestCase
{
    /** What is promised before a device is planned is what is forecast once it is. */
    #[DataProvider('protocols')]
    public function test_one_more_device_has_the_link_that_the_whole_mesh_would_choose_for_it(Protocol $protocol): void
    {
        $random = new Randomizer(new Mt19937(11));
        $at = static fn (): Vec3 => new Vec3($random->getInt(0, 600) / 10, $random->getInt(0, 400) / 10, 1.0);
        $radio = new Transceiver(2440, -6, -92);
        $straight = $relayed = 0;
        for ($house = 0; $house < 12; $house++) {
            $walls = array_map(static fn (): WallSegment => new WallSegment(
                [($a = $at())->x, $a->y],
                [($b = $at())->x, $b->y],
                0,
                2.4,
                [new Layer('concrete', 0.2)],
            ), range(1, 12));
            $plan = new RadioPlan(new Building($walls, []), new Clutter);
            $root = new RadioEnd('hub', $at(), $radio, 0.0, Role::Root);
            $devices = array_map(
                static fn (int $n): RadioEnd => new RadioEnd("s{$n}", $at(), $radio, 0.0, $n % 2 ? Role::Router : Role::End),
                range(1, 10),
            );
            $prospect = Prospect::of($protocol, $plan, $root, $devices);
            for ($try = 0; $try < 10; $try++) {
                $new = new RadioEnd('new', $at(), $radio, 1.0, Role::End);
                $graph = $plan->graph($protocol, [$root, ...$devices, $new], 'hub');
                $number = array_search('new', array_column($graph->nodes, 'id'), true);
                $next = Routing::of($graph)->routes[$number]->next ?? null;
                $parent = [$root, ...$devices][array_search($next === null ? 'hub' : $graph->nodes[$next]->id, array_column(
                    [$root, ...$devices],
                    'key',
                ), true)];
                self::assertEqualsWithDelta($plan->link($new, $parent)->worseDb(), $prospect->bestDb($new), 1e-9);
                $parent === $root ? $straight++ : $relayed++;
            }
        }
        self::assertGreaterThan(5, $straight);
        self::assertGreaterThan(5, $relayed);
    }

    /** @return array<string, array{Protocol}> */
    public static function protocols(): array
    {
        return ['zigbee' => [Protocol::Zigbee], 'thread' => [Protocol::Thread], 'zwave' => [Protocol::ZWave]];
    }

    public function test_what_does_not_mesh_is_heard_straight(): void
    {
        $radio = new Transceiver(2440, 4, -92);
        $plan = new RadioPlan(new Building([], []), new Clutter);
        $root = new RadioEnd('hub', new Vec3(0, 0, 1), $radio, 0.0, Role::Root);
        $near = new RadioEnd('near', new Vec3(30, 0, 1), $radio, 0.0, Role::Router);
        $new = new RadioEnd('new', new Vec3(31, 0, 1), $radio, 0.0, Role::End);

        $margin = Prospect::of(Protocol::BluetoothLe, $plan, $root, [$near])->bestDb($new);

        self::assertSame($plan->forecast($new, $root)->marginDb, $margin);
    }
}
