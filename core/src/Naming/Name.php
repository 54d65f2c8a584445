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

    /** Whether the network that carries the name has a form of it. */
    public function fitsNetwork(string $protocol): bool
    {
        return match ($protocol) {
            'zwave' => $this->zwaveName !== null && $this->zwaveLocation !== null,
            'matter', 'thread' => $this->matter !== null,
            default => true,
        };
    }
}
