<?php

declare(strict_types=1);

namespace Kavvel\Core\Closing;

use DateTimeImmutable;

/** A day after which nobody gets at what lies behind: plaster, screed, tiles, a scaffold that comes down. */
final readonly class Closing
{
    /**
     * @param  list<string>  $rooms  keys of those that it covers
     * @param  int  $leadDays  from ordering until it is there
     * @param  int  $fittingDays  that the work before it takes
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $trade,
        public DateTimeImmutable $on,
        public array $rooms,
        public int $leadDays = 0,
        public int $fittingDays = 0,
        public bool $isClosed = false,
    ) {}

    /** The last day to order what has to be in before it: closing, less lead time, less fitting time (RULES 9.2). */
    public function orderBy(): DateTimeImmutable
    {
        $days = $this->leadDays + $this->fittingDays;

        return $this->on->modify("-{$days} days");
    }

    /** Two working days before: then a question about it has to be answered (RULES 9.2). */
    public function questionsBy(): DateTimeImmutable
    {
        $day = $this->on;
        for ($left = 2; $left > 0;) {
            $day = $day->modify('-1 day');
            $left -= (int) $day->format('N') <= 5 ? 1 : 0;
        }

        return $day;
    }
}
