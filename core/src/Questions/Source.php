<?php

declare(strict_types=1);

namespace Kavvel\Core\Questions;

/** One who says something about it: a drawing, a list, a person. */
final readonly class Source
{
    public function __construct(public string $who, public string $says) {}

    public function words(): string
    {
        return "{$this->who}: {$this->says}";
    }
}
