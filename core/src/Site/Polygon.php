<?php

declare(strict_types=1);

namespace Kavvel\Core\Site;

/** A closed outline in the plan, in metres. */
final readonly class Polygon
{
    private const EDGE_M = 1e-9;

    /** @param list<array{float, float}> $corners */
    public function __construct(public array $corners) {}

    /** Inside, or on the edge. */
    public function contains(float $x, float $y): bool
    {
        $inside = false;
        $count = count($this->corners);
        for ($i = 0, $j = $count - 1; $i < $count; $j = $i++) {
            [$ax, $ay] = $this->corners[$i];
            [$bx, $by] = $this->corners[$j];
            if ($this->isOnEdge($x, $y, $ax, $ay, $bx, $by)) {
                return true;
            }
            if (($ay > $y) !== ($by > $y) && $x < ($bx - $ax) * ($y - $ay) / ($by - $ay) + $ax) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    public function area(): float
    {
        $twice = 0.0;
        $count = count($this->corners);
        for ($i = 0, $j = $count - 1; $i < $count; $j = $i++) {
            $twice += $this->corners[$j][0] * $this->corners[$i][1] - $this->corners[$i][0] * $this->corners[$j][1];
        }

        return abs($twice) / 2;
    }

    /** @return array{float, float, float, float} left, top, right, bottom */
    public function bounds(): array
    {
        $xs = array_column($this->corners, 0);
        $ys = array_column($this->corners, 1);
        if ($xs === [] || $ys === []) {
            return [0.0, 0.0, 0.0, 0.0];
        }

        return [min($xs), min($ys), max($xs), max($ys)];
    }

    private function isOnEdge(float $x, float $y, float $ax, float $ay, float $bx, float $by): bool
    {
        $length = hypot($bx - $ax, $by - $ay);
        if ($length < self::EDGE_M) {
            return hypot($x - $ax, $y - $ay) < self::EDGE_M;
        }
        $off = abs(($bx - $ax) * ($y - $ay) - ($by - $ay) * ($x - $ax)) / $length;
        $along = (($x - $ax) * ($bx - $ax) + ($y - $ay) * ($by - $ay)) / $length;

        return $off < self::EDGE_M && $along >= 0 && $along <= $length;
    }
}
