<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Radio\Mounting;
use Kavvel\Core\Site\Vec3;

/** A slot of a job file, with its profile at hand. Node: the address it is matched to. Behind: the slot of the bridge it comes in by. */
final readonly class SlotEntry
{
    public function __construct(
        public string $key,
        public string $room,
        public string $place,
        public string $what,
        public Profile $profile,
        public Vec3 $position,
        public Mounting $mounting,
        public ?string $node,
        public ?string $behind = null,
    ) {}
}
