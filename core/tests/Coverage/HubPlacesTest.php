<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Coverage;

use Kavvel\Core\Coverage\HubPlace;
use Kavvel\Core\Coverage\HubPlaces;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Mesh\MeshJudge;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
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

final class HubPlacesTest extends TestCase
{
    #[DataProvider('protocols')]
    public function test_a_place_is_judged_as_the_mesh_with_the_hub_in_it(Protocol $protocol): void
    {
        $random = new Randomizer(new Mt19937(5));
        $at = static fn (): Vec3 => new Vec3($random->getInt(0, 400) / 10, $random->getInt(0, 300) / 10, 1.0);
        $radio = new Transceiver(2440, -6, -92);
        $verdicts = [];
        for ($house = 0; $house < 8; $house++) {
            $walls = array_map(static fn (): WallSegment => new WallSegment(
                [($a = $at())->x, $a->y],
                [($b = $at())->x, $b->y],
                0,
                2.4,
                [new Layer('brick', 0.215)],
            ), range(1, 12));
            $plan = new RadioPlan(new Building($walls, []), new Clutter);
            $devices = array_map(
                static fn (int $n): RadioEnd => new RadioEnd("s{$n}", $at(), $radio, 0.0, $n % 2 ? Role::Router : Role::End, $n % 5 === 0),
                range(1, 14),
            );
            $places = array_map(static fn (int $n): RadioEnd => new RadioEnd("p{$n}", $at(), $radio, 0.0, Role::Root), range(1, 4));
            $expected = array_map(static fn (RadioEnd $place): HubPlace => self::judged($protocol, $plan, $devices, $place), $places);
            usort($expected, static fn (HubPlace $a, HubPlace $b): int => [$a->open, $a->lost, -($a->meanWeakestDb ?? -INF)]
                <=> [$b->open, $b->lost, -($b->meanWeakestDb ?? -INF)]);
            $ranked = HubPlaces::ranked($protocol, $plan, $devices, $places, 12.0);
            self::assertEqualsWithDelta(array_map(self::figures(...), $expected), array_map(self::figures(...), $ranked), 1e-9);
            foreach ($ranked as $place) {
                $open = array_filter($place->verdicts, static fn (array $one): bool => $one[1] !== Verdict::Accepted);
                self::assertCount($place->open, $open);
                self::assertCount(14, $place->verdicts);
                self::assertSame([], $place->gainsOver($place));
            }
            $worst = $ranked[3];
            self::assertGreaterThanOrEqual($worst->open - $ranked[0]->open, count($ranked[0]->gainsOver($worst)));
            array_push($verdicts, ...array_map(static fn (HubPlace $place): string => "{$place->open} {$place->lost}", $ranked));
        }
        self::assertGreaterThan(8, count(array_unique($verdicts)), 'the houses differ');
    }

    /** @return array{string, int, int, float|null} */
    private static function figures(HubPlace $place): array
    {
        return [$place->id, $place->open, $place->lost, $place->meanWeakestDb];
    }

    /** @return array<string, array{Protocol}> */
    public static function protocols(): array
    {
        return ['zigbee' => [Protocol::Zigbee], 'thread' => [Protocol::Thread], 'zwave' => [Protocol::ZWave]];
    }

    public function test_of_places_alike_the_smaller_id_comes_first_and_one_that_reaches_nobody_last(): void
    {
        $radio = new Transceiver(2440, 8, -97);
        $end = static fn (string $key, float $x, Role $role): RadioEnd => new RadioEnd($key, new Vec3($x, 0, 1), $radio, 0.0, $role);
        $ranked = HubPlaces::ranked(
            Protocol::Zigbee,
            new RadioPlan(new Building([], []), new Clutter),
            [$end('lamp', 0, Role::Router)],
            [$end('far', 9000, Role::Root), $end('b', 5, Role::Root), $end('10', -5, Role::Root), $end('9', 5, Role::Root)],
            12.0,
        );

        self::assertSame(['10', '9', 'b', 'far'], array_map(static fn (HubPlace $place): string => $place->id, $ranked));
        self::assertNull($ranked[3]->meanWeakestDb);
        self::assertSame([1, 1], [$ranked[3]->open, $ranked[3]->lost]);
    }

    /** @param list<RadioEnd> $devices */
    private static function judged(Protocol $protocol, RadioPlan $plan, array $devices, RadioEnd $place): HubPlace
    {
        $report = MeshJudge::judge($plan->graph($protocol, [$place, ...$devices], $place->key), 12.0);
        $weakest = array_filter(
            array_map(static fn (NodeJudgement $node): ?float => $node->weakestDb, $report->nodes),
            static fn (?float $margin): bool => $margin !== null,
        );

        return new HubPlace(
            $place->key,
            count($devices) - $report->count(Verdict::Accepted),
            $report->count(Verdict::Lost),
            $weakest === [] ? null : array_sum($weakest) / count($weakest),
        );
    }
}
