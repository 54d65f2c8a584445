<?php

declare(strict_types=1);

namespace Kavvel\Standin;

/** What is going to happen by itself, in order of time; at one time, in the order in which it was set. */
final class Timers
{
    /** @var list<array{int, int, callable(): void}> */
    private array $waiting = [];

    private int $count = 0;

    /** @param callable(): void $do */
    public function set(int $at, callable $do): void
    {
        $this->waiting[] = [$at, $this->count++, $do];
    }

    /**
     * Everything that is due by then; what is set meanwhile counts too.
     *
     * @param  callable(int): void  $clock  told the time before each
     */
    public function run(int $until, callable $clock): void
    {
        while ($this->waiting !== []) {
            usort($this->waiting, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
            if ($this->waiting[0][0] > $until) {
                return;
            }
            [$at, , $do] = array_shift($this->waiting);
            $clock($at);
            $do();
        }
    }
}
