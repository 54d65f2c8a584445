<?php

declare(strict_types=1);

namespace App\Matching;

use App\Models\Profile;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\SlotSetting;
use Kavvel\Core\Replacing\OtherModel;

/** What changes at a slot where another model takes the place of the one that is planned. */
final readonly class AnotherModel
{
    /** @return list<string> */
    public static function words(SiteJob $job, Slot $slot, string $profile): array
    {
        $after = Profile::query()->where('key', $profile)->first()?->core($job->region);
        $planned = $slot->settings()->get()->mapWithKeys(
            static fn (SlotSetting $one): array => [$one->name => $one->planned ?? $one->actual],
        )->filter()->all();

        return $after === null ? [] : OtherModel::of($slot->profile()->firstOrFail()->core($job->region), $after, $planned)->words();
    }
}
