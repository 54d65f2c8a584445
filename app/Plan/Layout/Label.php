<?php

declare(strict_types=1);

namespace App\Plan\Layout;

/** A text that belongs to a plate: what it says, shorter where there is no room, and how large it is drawn, in metres. */
final readonly class Label
{
    /** @param non-empty-list<string> $texts the fullest first */
    public function __construct(public string $id, public array $texts, public Box $plate, public float $fontSize) {}
}
