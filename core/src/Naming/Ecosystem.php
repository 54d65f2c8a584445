<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/** A platform that shows the names, and how many characters it takes (null: no limit known). */
final readonly class Ecosystem
{
    public function __construct(public string $id, public ?int $maxLength) {}
}
