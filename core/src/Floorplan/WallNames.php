<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** What a wall is called by the rooms beside it. */
final readonly class WallNames
{
    /** @param array<string, Room> $rooms by key */
    public function __construct(private array $rooms) {}

    public function of(Stretch $stretch): string
    {
        $names = array_map(fn (string $key): string => $this->name($key), $stretch->rooms());
        if (count($names) === 2) {
            sort($names);

            return "wall between {$names[0]} and {$names[1]}";
        }

        return "outer wall of {$names[0]}, {$this->whichWay($stretch)}";
    }

    /** As it is drawn: the compass is another matter. */
    private function whichWay(Stretch $stretch): string
    {
        [$x, $y] = [-$stretch->line->uy * $stretch->outward(), $stretch->line->ux * $stretch->outward()];

        return abs($x) > abs($y) ? ($x > 0 ? 'right' : 'left') : ($y > 0 ? 'bottom' : 'top');
    }

    private function name(string $key): string
    {
        return mb_strtolower(mb_substr($this->rooms[$key]->name, 0, 1)).mb_substr($this->rooms[$key]->name, 1);
    }
}
