<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

/** One result in the record of a slot. It belongs to the node that showed it; null: shown before a node was in. */
final readonly class Proof
{
    public function __construct(
        public Rung $rung,
        public Outcome $outcome,
        public ?int $node = null,
        public string $because = '',
        public bool $isWithdrawn = false,
    ) {}
}
