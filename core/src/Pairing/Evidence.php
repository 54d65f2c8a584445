<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Catalogue\Recipe;
use Kavvel\Core\Protocol\Region;
use Kavvel\Core\Radio\Margin;

/** What is known when an attempt has failed, or stands still. */
final readonly class Evidence
{
    public ?Recipe $recipe;

    /**
     * @param  float|null  $marginDb  to the nearest thing that it could join
     * @param  list<string>  $advisedBefore  codes of the first advice after each earlier failure of this device
     * @param  Light|null  $light  null: nobody has said what it shows
     * @param  list<string>  $missing  capabilities that the profile has and the interview did not find
     * @param  Region  $region  of the hub
     * @param  int  $strangers  other devices that announced in the same window
     * @param  bool  $isHeld  it was found in another network, and nobody has noted that it left
     * @param  Failure|null  $failure  what the hub said
     * @param  bool  $otherSeen  the hub sees a device that waits, and that is not the one of this code
     * @param  bool  $hasLeft  it was excluded or reset in this job
     * @param  float|null  $seenSecondsBeforeEnd  how long the window still was when its light was as it should be
     * @param  AttemptState|null  $reached  the last stage that it came to
     * @param  bool  $isWhole  the hub has asked it all that it wanted to know
     * @param  bool  $sameMissing  an earlier attempt found the same things missing
     */
    public function __construct(
        public AttemptState $state,
        public Profile $profile,
        public ?float $marginDb,
        public ?Light $light = null,
        public array $missing = [],
        public Region $region = Region::Eu,
        public int $strangers = 0,
        public bool $isHeld = false,
        public ?Failure $failure = null,
        public NetworkFacts $network = new NetworkFacts,
        public array $advisedBefore = [],
        public bool $otherSeen = false,
        public bool $hasLeft = false,
        public bool $sameMissing = false,
        public ?float $seenSecondsBeforeEnd = null,
        public ?AttemptState $reached = null,
        public bool $isWhole = false,
        ?string $hardware = null,
    ) {
        $this->recipe = $profile->recipe?->of($hardware);
    }

    public function isOnBattery(): bool
    {
        return $this->profile->power === 'battery';
    }

    public function isFar(): bool
    {
        return $this->marginDb !== null && $this->marginDb < Margin::THIN_DB;
    }

    /** Its recipe names a pattern by which it would say this. */
    public function wouldShow(Light $light): bool
    {
        return isset($this->recipe->signs[$light->value]);
    }
}
