<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

/** Something about a circuit that has to be looked at. */
final readonly class CircuitRemark
{
    /** @param string|null $circuit its key; null: about the whole register */
    public function __construct(public ?string $circuit, public string $text) {}
}
