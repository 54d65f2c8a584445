<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

/**
 * What is going to happen by itself, in order of time; at one time, in the order in which it was set. Plain data, so
 * that a snapshot can hold it.
 */
final class Timers
{
    /** @param list<array{int, int, array<string, mixed>}> $waiting time in ms, number, what happens */
    public function __construct(private array $waiting = [], private int $count = 0) {}

    /** @param array<string, mixed> $what */
    public function set(int $at, array $what): void
    {
        $this->waiting[] = [$at, $this->count++, $what];
    }

    /** @return array{int, array<string, mixed>}|null when and what comes next, if that is by then; it is taken out */
    public function next(int $until): ?array
    {
        usort($this->waiting, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        if ($this->waiting === [] || $this->waiting[0][0] > $until) {
            return null;
        }
        [$at, , $what] = array_shift($this->waiting);

        return [$at, $what];
    }
}
