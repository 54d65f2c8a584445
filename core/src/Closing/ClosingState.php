<?php

declare(strict_types=1);

namespace Kavvel\Core\Closing;

/** A closing with the points that it covers. */
final readonly class ClosingState
{
    /**
     * @param  list<PointProgress>  $points  those that are not ready first
     * @param  int  $daysLeft  negative: its day is past
     * @param  bool  $isOrderLate  the day to order by is past
     * @param  list<string>  $bare  rooms that it covers and no cable ends in
     */
    public function __construct(
        public Closing $closing,
        public array $points,
        public int $daysLeft,
        public bool $isOrderLate,
        public array $bare,
    ) {}

    /** What is still to do at the point comes once it is closed: second fix is done on a finished wall. */
    public function holdsBack(PointProgress $point): bool
    {
        return ! $this->closing->isClosed && in_array($point->room, $this->closing->rooms, true)
            && $point->isReady() && $point->next() !== null;
    }

    /** @return list<PointProgress> */
    public function notReady(): array
    {
        return array_values(array_filter($this->points, static fn (PointProgress $one): bool => ! $one->isReady()));
    }
}
