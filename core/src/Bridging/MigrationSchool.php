<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** When an old path goes: practitioners differ, and both have their reason. */
enum MigrationSchool: string
{
    case KeepUntilProved = 'keep-until-proved';
    case RemoveAtOnce = 'remove-at-once';

    public function words(): string
    {
        return match ($this) {
            self::KeepUntilProved => 'Keep the old path until the new one is proved',
            self::RemoveAtOnce => 'Take the old path out first',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::KeepUntilProved => 'Nothing goes dark in between; for that time devices show twice.',
            self::RemoveAtOnce => 'Nothing shows twice and names stay free; until the new path works, nothing does.',
        };
    }
}
