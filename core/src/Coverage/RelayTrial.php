<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

/** What a network would be with some relays added. */
final readonly class RelayTrial
{
    /**
     * @param  list<int>  $added  numbers of the relays, in order of id
     * @param  int  $accepted  devices that would be accepted; the relays themselves are not counted
     * @param  float  $weakestDb  sum of the weakest margins over all devices that would be reached
     */
    public function __construct(public array $added, public int $accepted, public float $weakestDb) {}

    /** More accepted, then fewer relays, then the larger sum, then the smaller ids. */
    public function isBetterThan(self $other): bool
    {
        return [$this->accepted, -count($this->added), $this->weakestDb] === [$other->accepted, -count($other->added), $other->weakestDb]
            ? $this->added < $other->added
            : [$this->accepted, -count($this->added), $this->weakestDb] > [$other->accepted, -count($other->added), $other->weakestDb];
    }
}
