<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

use Kavvel\Core\Site\Vec3;

/** An end of cables that all come from the rack. */
final readonly class CablePoint
{
    /**
     * @param  list<Vec3>|null  $route  places that the cable passes, from the rack on; null: nobody has drawn its way
     * @param  bool  $isData  it carries a data link, which has a longest length
     */
    public function __construct(
        public string $id,
        public Vec3 $position,
        public string $cable,
        public int $count,
        public ?array $route,
        public bool $isData,
    ) {}

    /** Metres from the rack: along the drawn way, or along walls and up or down where none is drawn. */
    public function wayFrom(Vec3 $rack): float
    {
        if ($this->route === null) {
            $way = $this->position->minus($rack);

            return abs($way->x) + abs($way->y) + abs($way->z);
        }
        $metres = 0.0;
        $at = $rack;
        foreach ([...$this->route, $this->position] as $next) {
            $metres += $at->distanceTo($next);
            $at = $next;
        }

        return $metres;
    }

    /** @return list<string> one for each of its cables */
    public function runIds(): array
    {
        return $this->count === 1 ? [$this->id] : array_map(fn (int $number): string => "{$this->id}/{$number}", range(1, $this->count));
    }
}
