<?php

declare(strict_types=1);

namespace Kavvel\Core\Plan;

/** A text that belongs to a plate: what it says and how large it is drawn, in metres. */
final readonly class Label
{
    public function __construct(public string $id, public string $text, public Box $plate, public float $fontSize) {}
}
