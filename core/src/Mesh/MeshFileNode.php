<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** A radio in a file: its address in the network, what people call it, and where it is. */
final readonly class MeshFileNode
{
    /** The address of the hub itself */
    public const HUB = 'gateway';

    public function __construct(public string $address, public Role $role, public string $title = '', public string $room = '') {}
}
