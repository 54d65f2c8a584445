<?php

declare(strict_types=1);

namespace Kavvel\Core\Coverage;

use Kavvel\Core\Mesh\Node;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Vec3;

/** One end of possible links: where it is, what its radio does, and whether it relays. */
final readonly class RadioEnd
{
    public function __construct(
        public string $key,
        public Vec3 $position,
        public Transceiver $radio,
        public float $mountingDb,
        public Role $role,
        public bool $removable = false,
    ) {}

    public function asNode(): Node
    {
        return new Node($this->key, $this->role, $this->removable);
    }
}
