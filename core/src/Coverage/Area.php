<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Generator;
use Kavvel\Core\Site\Vec3;

/** A level rectangle in square cells, in metres. The last cells may reach over its edge. */
final readonly class Area
{
    private const NEAR = 1e-9;

    private function __construct(
        public float $x,
        public float $y,
        public float $z,
        public float $step,
        public int $columns,
        public int $rows,
    ) {}

    /**
     * @param  array{float, float}  $x
     * @param  array{float, float}  $y
     */
    public static function between(array $x, array $y, float $z, float $step, int $mostCells): self
    {
        $columns = max(1.0, ceil(($x[1] - $x[0]) / $step - self::NEAR));
        $rows = max(1.0, ceil(($y[1] - $y[0]) / $step - self::NEAR));

        return $columns * $rows <= $mostCells
            ? new self($x[0], $y[0], $z, $step, (int) $columns, (int) $rows)
            : throw TooManyCells::of($columns * $rows, $mostCells);
    }

    /**
     * A rectangle with a cell more on each side; in larger cells where it would have too many.
     *
     * @param  array{float, float}  $x
     * @param  array{float, float}  $y
     */
    public static function around(array $x, array $y, float $z, float $step, int $mostCells): self
    {
        while ((($x[1] - $x[0]) / $step + 3) * (($y[1] - $y[0]) / $step + 3) > $mostCells) {
            $step *= 2;
        }

        return self::between([$x[0] - $step, $x[1] + $step], [$y[0] - $step, $y[1] + $step], $z, $step, $mostCells);
    }

    /** @return Generator<int, Vec3> the middles of the cells of one row, from the least x up */
    public function row(int $row): Generator
    {
        for ($column = 0; $column < $this->columns; $column++) {
            yield $column => new Vec3($this->x + ($column + 0.5) * $this->step, $this->y + ($row + 0.5) * $this->step, $this->z);
        }
    }
}
