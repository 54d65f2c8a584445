<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Protocol\Protocol;

/** A node as its network reports it. Model null: it has not said. */
final readonly class ReportedNode
{
    /** @param list<string> $capabilities */
    public function __construct(public Protocol $protocol, public ?string $model, public array $capabilities) {}
}
