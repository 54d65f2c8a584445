<?php

declare(strict_types=1);

namespace Kavvel\Standin\Tests;

use Kavvel\Core\Calibrating\Calibration;
use Kavvel\Core\Calibrating\HeardPath;
use Kavvel\Core\Calibrating\HiddenObstacle;
use Kavvel\Core\Calibrating\UnheardPair;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\JobFile\JobFile;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Clutter;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\WallSegment;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Time\Fold;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Fifty houses of one plan, each another in truth: its furniture, its radios, and what is hidden behind its plaster. What a
 * calibration makes of them stands in docs/calibration.md.
 */
final class FiftyHousesTest extends TestCase
{
    private const HOUSES = 50;

    public function test_forecasts_come_near_and_what_is_hidden_is_found(): void
    {
        $random = new Randomizer(new Mt19937(2026));
        $all = ['links' => 0, 'before' => 0.0, 'after' => 0.0, 'hidden' => 0, 'found' => 0, 'clean' => 0, 'false' => 0];
        for ($house = 0; $house < self::HOUSES; $house++) {
            $judged = $this->judged($random);
            self::assertLessThanOrEqual(4.0, $judged['after'], "house {$house}");
            foreach ($judged as $what => $value) {
                $all[$what] += $value;
            }
        }

        self::assertGreaterThan(2_000, $all['links']);
        self::assertGreaterThan(40, $all['hidden']);
        self::assertLessThanOrEqual(4.0, $all['after'] / self::HOUSES, 'RMSE after');
        self::assertLessThan($all['before'] / self::HOUSES / 2, $all['after'] / self::HOUSES, 'less than half of before');
        self::assertGreaterThanOrEqual(0.9, $all['found'] / $all['hidden'], 'obstacles found');
        self::assertLessThanOrEqual(0.05, $all['false'] / $all['clean'], 'false ones');
    }

    /** @return array{links: int, before: float, after: float, hidden: int, found: int, clean: int, false: int} */
    private function judged(Randomizer $random): array
    {
        $job = $this->job($random);
        $overlay = $this->truth($random);
        $house = House::read($job, $overlay);
        $planned = JobFile::parse($job)->building;
        $bare = new RadioPlan($planned, new Clutter(0.0, 0.0));
        $hidden = $this->hiddenWalls($overlay);
        $ends = ['gateway' => $house->hub(Protocol::Zigbee)];
        foreach ($house->devices as $device) {
            if ($device->joined && $device->profile->protocol === Protocol::Zigbee) {
                $ends[$device->address] = $device->end(null);
            }
        }
        $ends = array_filter($ends);
        $links = Fold::of($house, [['at' => 0, 'do' => 'boot', 'epoch' => 'one']], 1)->world->neighbours(Protocol::Zigbee, 1, 0);
        $paths = [];
        $linked = [];
        foreach ($links as $link) {
            [$a, $b] = [$ends[$link['from']], $ends[$link['to']]];
            $id = "{$a->key} {$b->key}";
            $measured = new Link($a->key, $b->key, $link['marginDb'], $link['marginBackDb'] ?? null);
            $distance = $bare->forecast($a, $b)->distanceM;
            $paths[$id] = HeardPath::between($id, $distance, $bare->link($a, $b), $measured, isset($link['marginBackDb']));
            $linked[$a->key][$b->key] = $linked[$b->key][$a->key] = true;
        }
        $fit = Calibration::of(array_values($paths), new Clutter);
        $flagged = array_map(static fn (HiddenObstacle $one): string => $one->path->id, $fit->obstacles);
        foreach ($this->unheard($ends, $linked, $bare, $fit) as $pair) {
            $flagged[] = $pair->id;
        }

        return [
            'links' => $fit->links, 'before' => (float) $fit->rmseBeforeDb, 'after' => (float) $fit->rmseDb,
            ...$this->score($ends, $hidden, $flagged, $linked),
        ];
    }

    /**
     * A hidden thing counts where it takes enough from a link that is seen, or would be without it; it is found where one of
     * these is told of.
     *
     * @param  array<string, RadioEnd>  $ends
     * @param  list<string>  $flagged  ids
     * @param  array<string, array<string, true>>  $linked
     * @return array{hidden: int, found: int, clean: int, false: int}
     */
    private function score(array $ends, Building $hidden, array $flagged, array $linked): array
    {
        $counts = ['clean' => 0, 'false' => 0];
        $through = [];
        $told = [];
        $list = array_values($ends);
        foreach ($list as $number => $a) {
            foreach (array_slice($list, $number + 1) as $b) {
                $isFlagged = in_array("{$a->key} {$b->key}", $flagged, true) || in_array("{$b->key} {$a->key}", $flagged, true);
                $isLinked = isset($linked[$a->key][$b->key]);
                if (! $isLinked && ! $isFlagged) {
                    continue;
                }
                $crossed = $hidden->crossings($a->position, $b->position);
                if ($crossed === []) {
                    $counts['clean']++;
                    $counts['false'] += (int) $isFlagged;
                }
                foreach (count($crossed) === 1 ? $crossed : [] as $one) {
                    $through[$one->index] = true;
                    $told[$one->index] = ($told[$one->index] ?? false) || $isFlagged;
                }
            }
        }

        return ['hidden' => count($through), 'found' => count(array_filter($told)), ...$counts];
    }

    /**
     * @param  array<string, RadioEnd>  $ends
     * @param  array<string, array<string, true>>  $linked
     * @return list<UnheardPair>
     */
    private function unheard(array $ends, array $linked, RadioPlan $bare, Calibration $fit): array
    {
        $pairs = [];
        $alone = array_map(strval(...), array_keys(array_diff_key($ends, $linked)));
        $list = array_values($ends);
        foreach ($list as $number => $a) {
            foreach (array_slice($list, $number + 1) as $b) {
                $isBetween = $a->asNode()->relays() && $b->asNode()->relays();
                if (! isset($linked[$a->key][$b->key]) && ($a->asNode()->relays() || $b->asNode()->relays())) {
                    $margin = $bare->link($a, $b)->worseDb() - $fit->clutter->lossDb($bare->forecast($a, $b)->distanceM);
                    $pairs[] = new UnheardPair("{$a->key} {$b->key}", $a->key, $b->key, $margin, $isBetween);
                }
            }
        }

        return UnheardPair::beyondDoubt($pairs, $alone, (float) $fit->rmseDb);
    }

    /** Every Zigbee device of the plan is in, each somewhere else in its room. */
    private function job(Randomizer $random): string
    {
        $job = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/demo/lantern-house.json'), true);
        $protocols = array_column($job['profiles'], 'protocol', 'key');
        $outlines = array_column($job['rooms'], 'outline', 'key');
        foreach ($job['slots'] as $number => $slot) {
            if ($protocols[$slot['profile']] !== 'zigbee') {
                $job['slots'][$number]['node'] = null;
            } else {
                [$left, $top, $right, $bottom] = $this->frame($outlines[$slot['room']]);
                $address = sprintf('02A7C300000F%04X', $number);
                $job['slots'][$number] = [...$slot, 'node' => $address, 'name' => null, 'namedAt' => null, 'position' => [
                    $this->between($random, $left + 0.4, $right - 0.4),
                    $this->between($random, $top + 0.4, $bottom - 0.4),
                    $slot['position'][2],
                ]];
                $nodes[] = [...$job['nodes'][0], 'address' => $address, 'protocol' => 'zigbee'];
            }
        }

        return (string) json_encode([...$job, 'nodes' => $nodes ?? [], 'attempts' => [], 'proofs' => [], 'meshReadings' => []]);
    }

    private function truth(Randomizer $random): string
    {
        $job = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/demo/lantern-house.json'), true);
        $walls = [];
        $kinds = [['foil', 0.001], ['mirror', 0.005], ['metal-lath', 0.01], ['water-tank', 0.4], ['steel-door', 0.05]];
        for ($i = $random->getInt(1, 2); $i > 0; $i--) {
            $room = $job['rooms'][$random->getInt(0, 8)];
            [$left, $top, $right, $bottom] = $this->frame($room['outline']);
            $kind = $kinds[$random->getInt(0, count($kinds) - 1)];
            $isAcross = $random->getInt(0, 1) === 1;
            $at = $this->between($random, ($isAcross ? $left : $top) + 0.05, ($isAcross ? $left : $top) + 0.3);
            $walls[] = [
                'label' => $kind[0], 'from' => $isAcross ? [$at, $top] : [$left, $at],
                'to' => $isAcross ? [$at, $bottom] : [$right, $at],
                'bottom' => 0, 'height' => 2.7, 'openings' => [], 'layers' => [['material' => $kind[0], 'thickness' => $kind[1]]],
            ];
        }
        $radios = [];
        foreach (array_column($job['slots'], 'key') as $key) {
            $radios[$key] = ['txDb' => $this->between($random, -2, 2)];
        }

        return (string) json_encode([
            'seed' => $random->getInt(1, 1_000_000), 'walls' => $walls, 'faults' => (object) [], 'radios' => $radios,
            'clutter' => ['constantDb' => $this->between($random, 1, 8), 'dbPerMetre' => $this->between($random, 0.1, 0.9)],
        ]);
    }

    private function hiddenWalls(string $overlay): Building
    {
        $walls = [];
        foreach (json_decode($overlay, true)['walls'] as $wall) {
            $walls[] = new WallSegment($wall['from'], $wall['to'], 0.0, 2.7, [], $wall['label']);
        }

        return new Building($walls, []);
    }

    /**
     * @param  list<array{float, float}>  $outline
     * @return array{float, float, float, float} the least x and y, the largest x and y
     */
    private function frame(array $outline): array
    {
        $frame = [INF, INF, -INF, -INF];
        foreach ($outline as [$x, $y]) {
            $frame = [min($frame[0], $x), min($frame[1], $y), max($frame[2], $x), max($frame[3], $y)];
        }

        return $frame;
    }

    private function between(Randomizer $random, float $least, float $most): float
    {
        return round($least + ($most - $least) * $random->getInt(0, 10_000) / 10_000, 3);
    }
}
