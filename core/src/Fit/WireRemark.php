<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

/** Something of a worksheet that is open or wrong. */
final readonly class WireRemark
{
    /** @param string|null $wire its name; null: of the whole box */
    public function __construct(public WireFault $fault, public ?string $wire, public string $words) {}
}
