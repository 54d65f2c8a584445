<?php

declare(strict_types=1);

namespace Kavvel\Core\Existing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Protocol\Protocol;

/** A device that was there before. */
final readonly class ExistingDevice
{
    /**
     * @param  Profile|null  $profile  null: the catalogue does not have it
     * @param  bool  $isPlanned  it has a slot on the plan
     */
    public function __construct(
        public string $key,
        public Protocol $protocol,
        public ?Profile $profile,
        public Holder $holder,
        public Fate $fate,
        public bool $hasLeft,
        public bool $isPlanned,
    ) {}

    public function wayOut(): WayOut
    {
        return WayOut::of($this->protocol, $this->holder, $this->profile);
    }

    /** It has to be got out of what it is in before anything else is done with it. */
    public function leavesFirst(): bool
    {
        return $this->fate !== Fate::Keep && ! $this->hasLeft && $this->wayOut()->isNeeded();
    }

    public function standing(): ExistingStanding
    {
        return match (true) {
            $this->fate === Fate::Keep => ExistingStanding::Stays,
            $this->leavesFirst() => ExistingStanding::ToLeave,
            $this->fate === Fate::Move && ! $this->isPlanned => ExistingStanding::ToPlan,
            default => ExistingStanding::Done,
        };
    }
}
