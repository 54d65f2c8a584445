<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Coverage\Prospect;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Margin;
use Kavvel\Core\Siting\Spot;

/** What the plan forecasts for devices that are not there yet. What was worked out once is kept. */
final class PlannedReach implements Reach
{
    /** @var array<string, float> dB by protocol, place and radio */
    private array $known = [];

    /**
     * @param  list<Protocol>|null  $spoken  by hubs or devices of the job; null: nobody has said what its hub speaks
     * @param  array<string, Prospect>  $prospects  by protocol
     */
    public function __construct(
        private readonly ?array $spoken,
        private readonly array $prospects,
        private readonly float $acceptanceDb,
    ) {}

    public function isSpoken(Profile $profile): ?bool
    {
        return $this->spoken === null ? null : in_array($profile->protocol, $this->spoken, true);
    }

    public function isAccepted(Profile $profile, Spot $spot): ?bool
    {
        $margin = $this->bestDb($profile, $spot);

        return $margin === null ? null : Margin::of($margin, $this->acceptanceDb)->isAccepted();
    }

    public function bestDb(Profile $profile, Spot $spot): ?float
    {
        $prospect = $this->prospects[$profile->protocol->value] ?? null;
        if ($prospect === null || $profile->radio === null) {
            return null;
        }
        $mountingDb = $profile->usualMounting()->lossDb();
        $what = serialize([$profile->protocol, $spot->place, $profile->radio, $mountingDb]);

        return $this->known[$what] ??= $prospect->bestDb(new RadioEnd('new', $spot->place, $profile->radio, $mountingDb, Role::End));
    }
}
