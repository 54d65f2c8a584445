<?php

declare(strict_types=1);

namespace Kavvel\Core\Replacing;

use Kavvel\Core\Proving\Rung;

/** How a slot stands whose device was, or is to be, replaced. */
final readonly class RedoFacts
{
    /**
     * @param  bool  $isWired  it goes into the wall
     * @param  bool  $isFitted  the new one is in the wall
     * @param  bool  $isTaught  it is put up and taught, a blind or a lock; null: it is none
     * @param  bool  $needsCode  its kind carries a code
     * @param  bool  $isIn  the new one is on its network
     * @param  string|null  $name  that the slot has
     * @param  list<SettingToRedo>  $settings  that are planned for the slot
     * @param  list<Rung>  $shownBefore  of the one before
     * @param  list<Rung>  $shownSince  of the new one
     * @param  int  $hangingOn  devices that reached the hub through the one before
     * @param  bool  $isReadSince  the mesh was read since
     * @param  array<string, bool>  $ecosystems  that the one before was linked into, by name: whether the new one is
     */
    public function __construct(
        public bool $isWired = false,
        public bool $isFitted = false,
        public ?bool $isTaught = null,
        public bool $needsCode = false,
        public bool $hasCode = false,
        public bool $isIn = false,
        public ?string $name = null,
        public bool $isNamed = false,
        public array $settings = [],
        public array $shownBefore = [],
        public array $shownSince = [],
        public int $hangingOn = 0,
        public bool $isReadSince = false,
        public array $ecosystems = [],
    ) {}
}
