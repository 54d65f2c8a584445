<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** A link that has got worse over several readings: by how much, and since which of them. */
final readonly class LinkDrift
{
    /** Two readings of one link, with nothing changed, differ by a decibel or two (assumption) */
    public const NOISE_DB = 4.0;

    /**
     * @param  float  $fromDb  the best that it was before it got worse
     * @param  float|null  $nowDb  in the last reading; null: it is not in it
     * @param  int  $since  the reading in which it was worse first, by its place in time
     */
    private function __construct(public string $a, public string $b, public float $fromDb, public ?float $nowDb, public int $since) {}

    /**
     * Worse directions count. A link whose ends are not both in the last reading has gone with them, and is not told; nor is
     * one that a hub had no reason to tell of: a device that hands nothing on is heard by its parent of the day,
     * and one that nobody hears any more is told itself.
     *
     * @param  list<Graph>  $readings  of one radio, the oldest first
     * @return list<self> those that are gone first, then by how much they lost
     */
    public static function over(array $readings): array
    {
        $last = $readings[count($readings) - 1] ?? null;
        if ($last === null) {
            return [];
        }
        $present = [];
        foreach ($last->nodes as $number => $node) {
            $present["id {$node->id}"] = $node->relays() && $last->neighbours[$number] !== [];
        }
        $byPair = [];
        foreach ($readings as $at => $reading) {
            foreach ($reading->links as $link) {
                if (isset($present["id {$link->a}"], $present["id {$link->b}"])) {
                    [$a, $b] = strcmp($link->a, $link->b) <= 0 ? [$link->a, $link->b] : [$link->b, $link->a];
                    $byPair["{$a}\n{$b}"] ??= ['a' => $a, 'b' => $b, 'margins' => []];
                    $byPair["{$a}\n{$b}"]['margins'][$at] = $link->worseDb();
                }
            }
        }
        $drifts = [];
        foreach ($byPair as ['a' => $a, 'b' => $b, 'margins' => $margins]) {
            $isAlwaysTold = $present["id {$a}"] && $present["id {$b}"];
            $drifts[] = self::of($a, $b, $margins, count($readings) - 1, $isAlwaysTold);
        }
        $drifts = array_values(array_filter($drifts));
        usort($drifts, static fn (self $x, self $y): int => $y->lostDb() <=> $x->lostDb() ?: strcmp("{$x->a} {$x->b}", "{$y->a} {$y->b}"));

        return $drifts;
    }

    /** How much it lost; a link that is gone has lost all of it. */
    public function lostDb(): float
    {
        return $this->nowDb === null ? INF : $this->fromDb - $this->nowDb;
    }

    /** @param non-empty-array<int, float> $margins  by the place of the reading in time, where it has the link */
    private static function of(string $a, string $b, array $margins, int $last, bool $isAlwaysTold): ?self
    {
        $now = $margins[$last] ?? null;
        if ($now === null && ! $isAlwaysTold) {
            return null;
        }
        $best = -INF;
        $since = null;
        for ($at = 0; $at <= $last; $at++) {
            $margin = $margins[$at] ?? null;
            if ($margin === null && ! $isAlwaysTold) {
                continue;
            }
            if ($margin === null ? $best > -INF : $best - $margin > self::NOISE_DB) {
                $since ??= $at;
            } else {
                $since = null;
                $best = max($best, $margin ?? -INF);
            }
        }

        return $since === null ? null : new self($a, $b, $best, $now, $since);
    }
}
