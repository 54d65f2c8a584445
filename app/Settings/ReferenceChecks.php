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
use Kavvel\Core\Proving\BesideReference;
use Kavvel\Core\Proving\Measured;

/** A sensor beside a reference: what came of it is written down, and the offset that sets it right becomes what is planned. */
final readonly class ReferenceChecks
{
    public function __construct(private Logbook $logbook) {}

    /** @param string $by kind of the reference and how far it can be trusted */
    public function note(
        SiteJob $job,
        Slot $slot,
        Measured $what,
        float $reading,
        float $reference,
        bool $isSettled,
        string $by,
        User $person,
    ): string {
        $setting = $this->offsetOf($job, $slot, $what);
        $has = (float) SlotSetting::query()->where('slot_id', $slot->id)->where('name', $setting)->value('actual');
        $check = BesideReference::of($what, $reading, $reference, $isSettled, $has);
        if ($check->needsOffset() && $setting !== null) {
            SlotSetting::query()->updateOrCreate(
                ['site_job_id' => $job->id, 'slot_id' => $slot->id, 'name' => $setting],
                ['planned' => (string) $check->offset],
            );
        }
        $line = sprintf(
            '%s beside %s: it said %s, the reference %s %s. %s',
            Str::ucfirst($slot->title()),
            $by === '' ? 'a reference' : $by,
            $reading,
            $reference,
            $what->unit(),
            $check->words(),
        );
        $this->logbook->write($job, $person, 'proof', $line, $slot);
        $enter = $check->needsOffset() ? ' '.($setting === null ? 'Enter it at the hub.' : 'It is planned in its settings: enter it.') : '';

        return $check->words().$enter;
    }

    /** Name of the setting that shifts this value; null: it has none. */
    private function offsetOf(SiteJob $job, Slot $slot, Measured $what): ?string
    {
        $names = array_map(static fn (Setting $one): string => $one->name, $slot->profile()->firstOrFail()->core($job->region)->settings);

        return in_array($what->offsetSetting(), $names, true) ? $what->offsetSetting() : null;
    }
}
