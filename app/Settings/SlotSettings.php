<?php

declare(strict_types=1);

namespace App\Settings;

use App\Logbook\Logbook;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\SlotSetting;
use App\Models\User;
use Illuminate\Support\Str;
use Kavvel\Core\Catalogue\Setting;
use Kavvel\Core\Catalogue\SettingRefused;

/** Writes down what is planned for the settings of a device, and what they were set to. */
final readonly class SlotSettings
{
    public function __construct(private Logbook $logbook) {}

    /**
     * @param  bool  $isPlan  planned; else set on the device
     * @param  string  $value  empty: taken back
     *
     * @throws SettingNotTaken
     */
    public function write(SiteJob $job, Slot $slot, string $name, bool $isPlan, string $value, User $person): void
    {
        $setting = $this->setting($job, $slot, $name);
        try {
            $kept = $value === '' ? null : $setting->read($value);
        } catch (SettingRefused $refused) {
            throw SettingNotTaken::because($refused);
        }
        SlotSetting::query()->updateOrCreate(
            ['site_job_id' => $job->id, 'slot_id' => $slot->id, 'name' => $name],
            $isPlan ? ['planned' => $kept] : ['actual' => $kept, 'set_by' => $person->name, 'set_at' => now()],
        );
        $words = $kept === null ? 'taken back' : trim("{$kept} {$setting->unit}");
        $how = $isPlan ? 'planned' : 'set';
        $title = Str::ucfirst($slot->title());
        $this->logbook->write($job, $person, 'setting', "{$title}, ".Str::lcfirst($setting->words)." {$how}: {$words}.", $slot);
    }

    /** @throws SettingNotTaken */
    private function setting(SiteJob $job, Slot $slot, string $name): Setting
    {
        foreach ($slot->profile->core($job->region)->settings as $setting) {
            if ($setting->name === $name) {
                return $setting;
            }
        }

        throw SettingNotTaken::hasNone($slot);
    }
}
