<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Protocol\Region;

/** What is known when an attempt has failed, or stands still. */
final readonly class Evidence
{
    /**
     * @param  float|null  $marginDb  to the nearest thing that it could join
     * @param  int  $sameBefore  attempts before this one that ended in the same way
     * @param  Light|null  $light  null: nobody has said what it shows
     * @param  list<string>  $missing  capabilities that the profile has and the interview did not find
     * @param  Region  $region  of the hub
     * @param  int  $strangers  other devices that announced in the same window
     * @param  bool  $isHeld  it was found in another network, and nobody has noted that it left
     */
    public function __construct(
        public AttemptState $state,
        public Profile $profile,
        public ?float $marginDb,
        public int $sameBefore,
        public ?Light $light,
        public array $missing = [],
        public Region $region = Region::Eu,
        public int $strangers = 0,
        public bool $isHeld = false,
    ) {}

    public function isOnBattery(): bool
    {
        return $this->profile->power === 'battery';
    }
}
