<?php

declare(strict_types=1);

namespace Kavvel\Core\Tests\Bridging;

use Kavvel\Core\Bridging\Box;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\Loss;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\Policy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BridgePropertyTest extends TestCase
{
    private const HOUSES = 200;

    /** @return array<string, array{Policy}> */
    public static function policies(): array
    {
        return array_combine(
            array_column(Policy::cases(), 'value'),
            array_map(static fn (Policy $policy): array => [$policy], Policy::cases()),
        );
    }

    #[DataProvider('policies')]
    public function test_no_path_and_no_set_of_boxes_beats_what_a_policy_chose(Policy $policy): void
    {
        $bought = $met = 0;
        foreach (range(1, self::HOUSES) as $seed) {
            $all = HouseOfBoxes::bySeed($seed);
            [$buy, $served] = (new EveryPath($all, $policy))->answer();
            $plan = BridgePlan::of($all->house(), $all->wants, $policy);
            self::assertSame($buy, $plan->buying->ids(), "house {$seed}");
            self::assertSame(
                array_map(
                    static fn (array $path): array => [$path['via'], $path['keeps'], $path['lost'], $path['local'], $path['latency']],
                    array_values(array_filter($served)),
                ),
                array_map(static fn (Path $path): array => [
                    $path->way->via(), $path->way->keeps(), self::lost($path), $path->way->isLocal, $path->way->latencyMs,
                ], $plan->paths),
                "house {$seed}",
            );
            $bought += count($buy);
            $met += $plan->countMet();
        }
        self::assertGreaterThan(self::HOUSES / 10, $bought, 'boxes are bought in these houses');
        self::assertGreaterThan(self::HOUSES, $met, 'and wants are met');
    }

    #[DataProvider('policies')]
    public function test_one_box_more_never_makes_a_want_unreachable(Policy $policy): void
    {
        foreach (range(1, self::HOUSES) as $seed) {
            $all = HouseOfBoxes::bySeed($seed);
            $isOwned = $seed % 2 === 0;
            $more = new Box('b0', 'b0', $isOwned, ['zigbee', 'matter'], [new Offer('matter-bridge'), new Offer('local-link')], null, 1, 5);
            $before = self::met(BridgePlan::of($all->house(), $all->wants, $policy));
            $larger = $all->withBox($more);
            $after = self::met(BridgePlan::of($larger->house(), $larger->wants, $policy));
            self::assertSame([], array_diff($before, $after), "house {$seed}");
        }
    }

    #[DataProvider('policies')]
    public function test_what_is_lost_is_lost_at_one_hop_of_the_path_and_nowhere_else(Policy $policy): void
    {
        foreach (range(1, self::HOUSES) as $seed) {
            $all = HouseOfBoxes::bySeed($seed);
            $house = $all->house();
            foreach (BridgePlan::of($house, $all->wants, $policy)->paths as $path) {
                $lost = array_map(static fn (Loss $loss): string => $loss->capability, $path->losses());
                $device = $house->device($path->want->device);
                $had = [...$lost, ...$path->way->keeps()];
                sort($had);
                $can = $device->capabilities;
                sort($can);
                self::assertSame($can, $had, "house {$seed}: each once, kept or lost");
                foreach ($path->losses() as $loss) {
                    self::assertContains($loss->at, [...$path->way->via(), $path->want->ecosystem], "house {$seed}");
                    self::assertNotSame('', $loss->because($device));
                }
            }
        }
    }

    #[DataProvider('policies')]
    public function test_every_want_is_met_or_told_to_be_impossible_and_safety_never_hangs_on_a_cloud(Policy $policy): void
    {
        foreach (range(1, self::HOUSES) as $seed) {
            $all = HouseOfBoxes::bySeed($seed);
            $house = $all->house();
            $plan = BridgePlan::of($house, $all->wants, $policy);
            self::assertCount(count($all->wants), [...self::met($plan), ...$plan->impossible], "house {$seed}");
            foreach ($plan->impossible as $one) {
                self::assertNotSame('', $one->because(), "house {$seed}");
            }
            foreach ($plan->paths as $path) {
                self::assertTrue($path->way->isLocal || ! $house->isSafety($path->want), "house {$seed}");
            }
            foreach ($plan->fabrics as $fabrics) {
                self::assertLessThanOrEqual($fabrics->limit, $fabrics->used, "house {$seed}");
            }
        }
    }

    /** @return array<string, string> */
    private static function lost(Path $path): array
    {
        $lost = [];
        foreach ($path->losses() as $loss) {
            $lost[$loss->capability] = $loss->at;
        }

        return $lost;
    }

    /** @return list<string> */
    private static function met(BridgePlan $plan): array
    {
        $met = array_filter($plan->paths, static fn (Path $path): bool => $path->isMet());

        return array_values(array_map(static fn (Path $path): string => "{$path->want->device} {$path->want->ecosystem}", $met));
    }
}
