<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

/** A device's full name, its id for programs, and the short forms that fit its network (null: nothing fits). */
final readonly class Name
{
    public function __construct(
        public string $id,
        public string $name,
        public string $slug,
        public ?string $matter,
        public ?string $zwaveName,
        public ?string $zwaveLocation,
    ) {}
}
