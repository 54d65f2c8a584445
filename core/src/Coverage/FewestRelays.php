<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Reach;
use Kavvel\Core\Mesh\Routing;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Mesh\Verdicts;

/**
 * The fewest relays with which as many devices as possible are accepted. All sets of up to three are looked at; where more
 * would be needed, or there are many places, relays are added one by one to the best that was found.
 */
final readonly class FewestRelays
{
    public const MOST_TOGETHER = 3;

    public const MOST_CANDIDATES = 40;

    /** @param list<int> $candidates numbers of the relays in the network, in order of id */
    private function __construct(private Graph $graph, private array $candidates, private float $acceptanceDb) {}

    /**
     * @param  Graph  $graph  the network with every candidate in it
     * @param  list<string>  $candidates
     */
    public static function of(Graph $graph, array $candidates, float $acceptanceDb): RelayPlan
    {
        $isCandidate = array_fill_keys(array_map(static fn (string $id): string => "id {$id}", $candidates), true);
        $numbers = array_keys(array_filter($graph->nodes, static fn (Node $node): bool => isset($isCandidate["id {$node->id}"])));
        $search = new self($graph, $numbers, $acceptanceDb);
        $before = $search->tried([]);
        $most = $search->tried($numbers)->accepted;
        $isSmall = count($numbers) <= self::MOST_CANDIDATES;
        $best = $isSmall ? $search->together($before, $most) : $before;
        $isExact = $isSmall && $best->accepted === $most;
        $best = $isExact ? $best : $search->onwards($best);

        return new RelayPlan(
            array_map(static fn (int $relay): string => $graph->nodes[$relay]->id, $best->added),
            $isExact,
            $before->accepted,
            $best->accepted,
            $search->open($best->added),
        );
    }

    /** The best of all sets of up to three, smaller ones first: as soon as no more can be accepted the rest need not be tried. */
    private function together(RelayTrial $none, int $most): RelayTrial
    {
        $best = $none;
        for ($size = 1; $size <= min(self::MOST_TOGETHER, count($this->candidates)) && $best->accepted < $most; $size++) {
            foreach ($this->sets($size) as $set) {
                if ($this->atMost($set) < $best->accepted + (count($best->added) < $size ? 1 : 0)) {
                    continue;
                }
                $trial = $this->tried($set);
                $best = $trial->isBetterThan($best) ? $trial : $best;
            }
        }

        return $best;
    }

    /** One relay after the other, as long as each makes more devices accepted. */
    private function onwards(RelayTrial $from): RelayTrial
    {
        $best = $from;
        do {
            $before = $best;
            foreach (array_diff($this->candidates, $before->added) as $candidate) {
                $set = [...$before->added, $candidate];
                sort($set);
                if ($this->atMost($set) <= $before->accepted) {
                    continue;
                }
                $trial = $this->tried($set);
                if ($trial->accepted > $before->accepted && $trial->isBetterThan($best)) {
                    $best = $trial;
                }
            }
        } while ($best !== $before);

        return $best;
    }

    /** @param list<int> $added */
    private function tried(array $added): RelayTrial
    {
        $without = $this->without($added);
        $routing = Routing::of($this->graph, $without);
        $verdicts = new Verdicts($this->graph, $routing, $this->acceptanceDb, $without);
        $accepted = 0;
        $weakest = 0.0;
        foreach ($this->devices() as $device) {
            $accepted += $verdicts->on($device) === Verdict::Accepted ? 1 : 0;
            $weakest += $routing->routes[$device]->weakestDb ?? 0.0;
        }

        return new RelayTrial($added, $accepted, $weakest);
    }

    /**
     * More than these are never accepted: it takes a path of accepted links.
     *
     * @param  list<int>  $added
     */
    private function atMost(array $added): int
    {
        $reach = Reach::of($this->graph, $this->acceptanceDb, false, $this->without($added));

        return count($reach->hops) - 1 - count(array_intersect_key($reach->hops, array_flip($added)));
    }

    /**
     * @param  list<int>  $added
     * @return list<string> devices that are not accepted, in order of id
     */
    private function open(array $added): array
    {
        $without = $this->without($added);
        $verdicts = new Verdicts($this->graph, Routing::of($this->graph, $without), $this->acceptanceDb, $without);
        $open = array_filter($this->devices(), static fn (int $device): bool => $verdicts->on($device) !== Verdict::Accepted);

        return array_values(array_map(fn (int $device): string => $this->graph->nodes[$device]->id, $open));
    }

    /** @return list<int> nodes that are neither the root nor a candidate */
    private function devices(): array
    {
        return array_values(array_diff(array_keys($this->graph->nodes), $this->candidates, [$this->graph->root]));
    }

    /**
     * @param  list<int>  $added
     * @return array<int, true> candidates that are not there
     */
    private function without(array $added): array
    {
        return array_diff_key(array_fill_keys($this->candidates, true), array_flip($added));
    }

    /** @return iterable<list<int>> in order of id */
    private function sets(int $size, int $from = 0): iterable
    {
        for ($first = $from; $first < count($this->candidates); $first++) {
            if ($size === 1) {
                yield [$this->candidates[$first]];

                continue;
            }
            foreach ($this->sets($size - 1, $first + 1) as $rest) {
                yield [$this->candidates[$first], ...$rest];
            }
        }
    }
}
