<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** A member of a mesh. Removable: a router that can vanish (a lamp behind a switch, a plug). Capacity: sleepy children. */
final readonly class Node
{
    public const ROOT_CAPACITY = 32;

    public const ROUTER_CAPACITY = 10;

    public function __construct(public string $id, public Role $role, public bool $removable = false, public ?int $capacity = null) {}

    public function relays(): bool
    {
        return $this->role !== Role::End;
    }

    public function childCapacity(): int
    {
        return $this->capacity ?? match ($this->role) {
            Role::Root => self::ROOT_CAPACITY,
            Role::Router => self::ROUTER_CAPACITY,
            Role::End => 0,
        };
    }
}
