<?php

declare(strict_types=1);

namespace Kavvel\Core\Protocol;

/** A field of the device that holds its name, or a part of it, and how many bytes it takes. */
final readonly class LabelField
{
    private function __construct(public string $title, public int $bytes, public bool $isPlace) {}

    /** The field that says which device it is. */
    public static function name(string $title, int $bytes): self
    {
        return new self($title, $bytes, false);
    }

    /** The field that says which room it is in. */
    public static function place(string $title, int $bytes): self
    {
        return new self($title, $bytes, true);
    }
}
