<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** A way for cables: a duct along a storey, or a riser up through storeys. In metres. */
final readonly class Duct
{
    /** @param list<array{float, float, float}> $path two places at least */
    public function __construct(public string $key, public string $name, public array $path) {}

    /** @param array<string, mixed> $row */
    public static function of(array $row): self
    {
        return new self($row['key'], $row['name'], array_values(array_map(
            static fn (array $place): array => [(float) $place[0], (float) $place[1], (float) $place[2]],
            $row['path'],
        )));
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return ['key' => $this->key, 'name' => $this->name, 'path' => $this->path];
    }

    /** Upright: it is seen on every storey that it passes. */
    public function isRiser(): bool
    {
        return count($this->path) === 2 && hypot(
            $this->path[0][0] - $this->path[1][0],
            $this->path[0][1] - $this->path[1][1],
        ) < Shape::SAME_M;
    }

    public function length(): float
    {
        $length = 0.0;
        for ($i = 1, $count = count($this->path); $i < $count; $i++) {
            $length += sqrt(array_sum(array_map(
                static fn (float $a, float $b): float => ($a - $b) ** 2,
                $this->path[$i - 1],
                $this->path[$i],
            )));
        }

        return $length;
    }

    public function isOn(Storey $storey): bool
    {
        $heights = array_column($this->path, 2) ?: [0.0];

        return min($heights) <= $storey->elevation + $storey->height && max($heights) >= $storey->elevation;
    }
}
