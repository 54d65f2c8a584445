<?php

declare(strict_types=1);

namespace Kavvel\Core\Van;

/** Something to put into the van. */
final readonly class VanRow
{
    /** @param string $why what it is for, with its spares */
    public function __construct(public VanKind $kind, public string $what, public int $count, public string $why = '') {}
}
