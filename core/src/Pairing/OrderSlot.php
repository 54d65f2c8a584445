<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Protocol\Joining;
use Kavvel\Core\Protocol\Protocol;

/** A slot as the order of work sees it. Parent null: the gateway. Margin in dB to that parent. */
final readonly class OrderSlot
{
    public function __construct(
        public string $id,
        public ?Protocol $protocol,
        public bool $isRouter,
        public bool $isSecure,
        public ?string $parent,
        public float $marginDb,
    ) {}

    /** Infrared and 433 MHz devices join nothing: they come last. */
    public function isLast(): bool
    {
        return $this->protocol?->rules()->joining() === Joining::Taught;
    }

    public function relays(): bool
    {
        return $this->isRouter && ! $this->isLast();
    }
}
