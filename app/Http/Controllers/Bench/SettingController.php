<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\Http\Requests\Bench\SettingRequest;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Settings\SlotSettings;
use Illuminate\Http\RedirectResponse;

/** A setting of a device. */
final class SettingController
{
    public function update(SettingRequest $request, SiteJob $job, Slot $slot, SlotSettings $settings): RedirectResponse
    {
        $settings->write(
            $job,
            $slot,
            $request->string('setting')->toString(),
            $request->string('kind')->toString() === 'planned',
            $request->string('value')->squish()->toString(),
            $request->person(),
        );

        return redirect($request->backToSlot($slot), 303);
    }
}
