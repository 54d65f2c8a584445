<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** One place in the order of work, and the reason for it. */
final readonly class OrderEntry
{
    public function __construct(public string $id, public string $why) {}
}
