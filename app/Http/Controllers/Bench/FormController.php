<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bench;

use App\JobSheet\Catalogue;
use App\Models\GatewayEvent;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Plan\Geometry;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Forms that few pages need: each is asked for when its panel is opened. */
final class FormController
{
    private const EVENTS_SHOWN = 20;

    public function addSlot(Request $request, SiteJob $job): View
    {
        $geometry = Geometry::of($job);
        $rooms = $geometry->roomsOn($request->string('storey')->toString());

        return view('forms.add-slot', [
            'job' => $job,
            'geometry' => $geometry,
            'profiles' => Catalogue::of($job->region),
            'room' => $rooms[0]['key'] ?? '',
            'bridges' => self::bridges($job, null),
        ]);
    }

    public function editSlot(Request $request, SiteJob $job, Slot $slot): View
    {
        return view('forms.edit-slot', [
            'job' => $job,
            'slot' => $slot,
            'station' => $request->string('station')->toString(),
            'geometry' => Geometry::of($job),
            'profiles' => Catalogue::of($job->region),
            'bridges' => self::bridges($job, $slot),
        ]);
    }

    public function client(SiteJob $job): View
    {
        return view('forms.client', ['job' => $job]);
    }

    public function hubs(SiteJob $job): View
    {
        return view('forms.hubs', [
            'job' => $job,
            'hubs' => $job->gateways()->with('networks')->orderBy('id')->get(),
            'setAside' => GatewayEvent::query()->with('gateway')->where('site_job_id', $job->id)->whereNotNull('set_aside')
                ->latest('id')->limit(self::EVENTS_SHOWN)->get(),
            'rooms' => $job->rooms()->orderBy('id')->get(),
        ]);
    }

    public function rules(SiteJob $job): View
    {
        return view('forms.rules', ['job' => $job]);
    }

    /** @return array<string, string> titles by key of the bridges that this slot could stand behind */
    private static function bridges(SiteJob $job, ?Slot $slot): array
    {
        $profiles = Catalogue::of($job->region);
        $titles = [];
        foreach ($job->slots()->orderBy('id')->get() as $one) {
            if ($profiles[$one->profile_id]->can('bridge') && $one->id !== $slot?->id) {
                $titles[$one->key] = $one->title();
            }
        }

        return $titles;
    }
}
