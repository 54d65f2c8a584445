<?php

declare(strict_types=1);

namespace Kavvel\Core\Closing;

use DateTimeImmutable;

/** How far a point is. A check grows stale when another trade has worked in its room after it. */
final readonly class PointProgress
{
    /**
     * @param  string  $point  its key
     * @param  array<string, DateTimeImmutable>  $done  when each step was, by step
     * @param  DateTimeImmutable|null  $workedAt  when another trade last worked in its room
     */
    public function __construct(
        public string $point,
        public string $label,
        public string $room,
        public array $done,
        public ?DateTimeImmutable $workedAt,
    ) {}

    public function isDone(PointStep $step): bool
    {
        return isset($this->done[$step->value]) && ! ($step === PointStep::Checked && $this->isStale());
    }

    public function isStale(): bool
    {
        $checked = $this->done[PointStep::Checked->value] ?? null;

        return $checked !== null && $this->workedAt !== null && $this->workedAt > $checked;
    }

    public function isReady(): bool
    {
        return ($this->next()?->isBeforeClosing() ?? false) === false;
    }

    /** What comes next; null: all is done. */
    public function next(): ?PointStep
    {
        foreach (PointStep::cases() as $step) {
            if (! $this->isDone($step)) {
                return $step;
            }
        }

        return null;
    }
}
