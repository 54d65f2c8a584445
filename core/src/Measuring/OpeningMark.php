<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

/** Where an opening is, before its middle on the room's side, in metres; and what it is called. */
final readonly class OpeningMark
{
    /** @param string $opening its wall and where in that it begins */
    public function __construct(public string $opening, public string $storey, public float $x, public float $y) {}
}
