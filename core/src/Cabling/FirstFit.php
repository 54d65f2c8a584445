<?php

declare(strict_types=1);

namespace Kavvel\Core\Cabling;

/**
 * The first of many drums that has room, found without looking at each: a tree over the drums knows the most that is left
 * below every branch.
 */
final class FirstFit
{
    private int $leaves = 1;

    /** @var array<int, int> the most that is left, by branch; the drums are the leaves */
    private array $left;

    public function __construct(int $drums, int $capacity)
    {
        while ($this->leaves < $drums) {
            $this->leaves *= 2;
        }
        $this->left = array_fill(1, 2 * $this->leaves - 1, $capacity);
    }

    /** Takes so much from the first drum that has it. */
    public function take(int $length): int
    {
        $at = 1;
        while ($at < $this->leaves) {
            $at = $this->left[2 * $at] >= $length ? 2 * $at : 2 * $at + 1;
        }
        $drum = $at - $this->leaves;
        $this->left[$at] -= $length;
        while ($at > 1) {
            $at = intdiv($at, 2);
            $this->left[$at] = max($this->left[2 * $at], $this->left[2 * $at + 1]);
        }

        return $drum;
    }
}
