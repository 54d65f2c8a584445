<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Siting\Spot;

/** What the radios of a job would do for a device that is not there yet. */
interface Reach
{
    /** Whether something of the job speaks to such a device; null: nobody has said what its hub speaks. */
    public function isSpoken(Profile $profile): ?bool;

    /** Whether its link would be accepted there by the forecast; null: nothing can be forecast. */
    public function isAccepted(Profile $profile, Spot $spot): ?bool;

    /** The margin over its best way in dB; null: nothing can be forecast. */
    public function bestDb(Profile $profile, Spot $spot): ?float;
}
