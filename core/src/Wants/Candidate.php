<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Siting\Spot;

/** A kind of device at a place: which of a room's open demands it would serve, and what speaks against it. */
final readonly class Candidate
{
    /**
     * @param  int  $mask  the demands that it serves, a bit each
     * @param  list<WantedFunction>  $functions
     */
    public function __construct(
        public string $at,
        public Profile $profile,
        public Spot $spot,
        public int $mask,
        public array $functions,
        public Drawbacks $drawbacks,
    ) {}

    public function id(): string
    {
        return "{$this->at} {$this->profile->key}";
    }
}
