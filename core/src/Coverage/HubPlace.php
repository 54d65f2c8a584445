<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

/** What the network would be with its hub in one place. */
final readonly class HubPlace
{
    /**
     * @param  int  $open  devices that would not be accepted
     * @param  int  $lost  those of them that would have no path, or none worth the name
     * @param  float|null  $meanWeakestDb  mean of the weakest margins on the paths of all that are reached; null: none is
     */
    public function __construct(public string $id, public int $open, public int $lost, public ?float $meanWeakestDb) {}

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
