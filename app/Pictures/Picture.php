<?php

declare(strict_types=1);

namespace App\Pictures;

/** A picture written anew: its JPEG, and its size in pixels. */
final readonly class Picture
{
    public function __construct(public string $jpeg, public int $width, public int $height) {}
}
