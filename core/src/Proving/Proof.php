<?php

declare(strict_types=1);

namespace Kavvel\Core\Proving;

use DateTimeImmutable;

/**
 * One result in the record of a slot, of one ecosystem where the rung is that of one. It belongs to the node that showed it; null:
 * shown before a node was in.
 */
final readonly class Proof
{
    public function __construct(
        public Rung $rung,
        public Outcome $outcome,
        public ?int $node = null,
        public string $because = '',
        public bool $isWithdrawn = false,
        public string $ecosystem = '',
        public ?DateTimeImmutable $at = null,
    ) {}
}
