<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Mesh\Verdict;

/** What the network would be with its hub in one place. */
final readonly class HubPlace
{
    /**
     * @param  int  $open  devices that would not be accepted
     * @param  int  $lost  those of them that would have no path, or none worth the name
     * @param  float|null  $meanWeakestDb  mean of the weakest margins on the paths of all that are reached; null: none is
     * @param  list<array{string, Verdict}>  $verdicts  each device, and how it would be reached
     */
    public function __construct(
        public string $id,
        public int $open,
        public int $lost,
        public ?float $meanWeakestDb,
        public array $verdicts = [],
    ) {}

    /** @return list<string> devices that would be accepted here and are not there */
    public function gainsOver(self $other): array
    {
        return array_values(array_diff($this->accepted(), $other->accepted()));
    }

    /** @return list<string> */
    private function accepted(): array
    {
        return array_column(array_filter($this->verdicts, static fn (array $one): bool => $one[1] === Verdict::Accepted), 0);
    }

    /** Less than 0 where this one is the better place. */
    public function compare(self $other): int
    {
        return $this->merit() <=> $other->merit() ?: strcmp($this->id, $other->id);
    }

    /** @return array{int, int, bool, float} the better the smaller */
    private function merit(): array
    {
        return [$this->open, $this->lost, $this->meanWeakestDb === null, -($this->meanWeakestDb ?? 0.0)];
    }
}
