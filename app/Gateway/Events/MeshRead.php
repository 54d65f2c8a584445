<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\MeshReading;

/** The links of a mesh reading are stored: whoever judges networks may judge it. */
final readonly class MeshRead
{
    /** @param bool $isFirst false: a device that slept has told what it hears */
    public function __construct(public MeshReading $reading, public int $links, public bool $isFirst) {}
}
