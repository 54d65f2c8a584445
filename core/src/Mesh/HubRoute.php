<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/**
 * The way over which a hub really reaches a device, beside the best that was measured. A Z-Wave hub keeps the last that worked, until
 * it is told to look for another.
 */
final readonly class HubRoute
{
    /** Both ways are as good while they differ by less (assumption) */
    private const WORTH_DB = 3.0;

    /**
     * @param  list<string>  $path  from the device to the root, both among it
     * @param  list<string>  $best  the chosen way of the reading; empty: it reaches nobody
     * @param  string|null  $missing  the first on it that is not there, or does not hear the one before
     * @param  float|null  $weakestDb  of the way that is used; null: it can't be
     */
    private function __construct(
        public string $id,
        public array $path,
        public array $best,
        public ?string $missing,
        public ?float $weakestDb,
        public ?float $bestDb,
    ) {}

    /**
     * @param  array<array-key, list<string>>  $routes  relays from the device to the root, by id of the device
     * @return list<self> those with the most to gain first
     */
    public static function all(MeshReport $report, Graph $graph, array $routes): array
    {
        $margins = [];
        foreach ($graph->links as $link) {
            $margins["{$link->a}\n{$link->b}"] = $margins["{$link->b}\n{$link->a}"] = $link->worseDb();
        }
        $root = $graph->nodes[$graph->root]->id;
        $all = [];
        foreach ($routes as $id => $via) {
            $judgement = $report->node((string) $id);
            if ($judgement !== null) {
                $all[] = self::of($judgement, [(string) $id, ...$via, $root], $margins, $graph);
            }
        }
        usort($all, static fn (self $a, self $b): int => $b->harm() <=> $a->harm() ?: strcmp($a->id, $b->id));

        return $all;
    }

    /** It can't be gone any more. */
    public function isBroken(): bool
    {
        return $this->missing !== null;
    }

    /** Looking for another way is worth it: it is broken, longer, or clearly weaker than the best. */
    public function isWorse(): bool
    {
        return $this->best !== [] && ($this->isBroken() || count($this->path) > count($this->best)
            || ($this->bestDb ?? 0.0) - ($this->weakestDb ?? 0.0) > self::WORTH_DB);
    }

    private function harm(): float
    {
        return match (true) {
            $this->isBroken() => 1000.0,
            $this->isWorse() => 100.0 * (count($this->path) - count($this->best)) + ($this->bestDb ?? 0.0) - ($this->weakestDb ?? 0.0),
            default => -1000.0,
        };
    }

    /**
     * @param  list<string>  $path
     * @param  array<string, float>  $margins
     */
    private static function of(NodeJudgement $judgement, array $path, array $margins, Graph $graph): self
    {
        $weakest = INF;
        $missing = null;
        foreach (array_slice($path, 1) as $at => $next) {
            $margin = $margins["{$path[$at]}\n{$next}"] ?? null;
            if ($margin === null || $graph->rule->linkCost($margin) === null) {
                $missing = $next;
                break;
            }
            $weakest = min($weakest, $margin);
        }

        return new self(
            $judgement->id,
            $path,
            $judgement->path,
            $missing,
            $missing === null ? $weakest : null,
            $judgement->weakestDb,
        );
    }
}
