<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

/** Relays to add, and what comes of it. */
final readonly class RelayPlan
{
    /**
     * @param  list<string>  $add  in order of id
     * @param  bool  $isExact  no other choice is better; else it is a good one
     * @param  list<string>  $open  devices that are still not accepted, in order of id
     */
    public function __construct(
        public array $add,
        public bool $isExact,
        public int $acceptedBefore,
        public int $acceptedAfter,
        public array $open,
    ) {}

    /** What it is where not all candidates were looked at. */
    public function ofSome(): self
    {
        return new self($this->add, false, $this->acceptedBefore, $this->acceptedAfter, $this->open);
    }
}
