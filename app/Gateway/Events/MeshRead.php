<?php

declare(strict_types=1);

namespace App\Gateway\Events;

use App\Models\MeshReading;

/** The links of a mesh reading are stored: whoever judges networks may judge it. */
final readonly class MeshRead
{
    public function __construct(public MeshReading $reading, public int $links) {}
}
