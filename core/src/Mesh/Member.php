<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** A device as a mesh reading found it: which slot it serves, where it stood, and what it was. */
final readonly class Member
{
    /** @param string $standing anything that changes when the device is moved, mounted otherwise or of another kind */
    public function __construct(public string $slot, public string $address, public string $standing) {}
}
