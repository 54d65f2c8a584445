<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Survey\KeyUseRequest;
use App\Models\KeyUse;
use App\Models\SiteJob;
use App\Stations\Survey\Wiring\KeyPlan;
use Illuminate\Http\RedirectResponse;

/** What the keys of a job do. */
final class KeyUseController
{
    public function store(KeyUseRequest $request, SiteJob $job, KeyPlan $keys): RedirectResponse
    {
        $circuit = $request->circuit();
        if ($request->filled('opening')) {
            $opening = $request->string('opening')->toString();
            $profile = $request->string('profile')->toString();
            $keys->planButton($job, $circuit, $opening, $profile, $request->seen(), $request->person());

            return $this->back($job, "{$circuit->key} {$opening}");
        }
        $grip = $request->grip();
        $keys->add($job, $circuit, $grip, $request->person());

        return $this->back($job, $grip->control);
    }

    public function destroy(JobRequest $request, SiteJob $job, KeyUse $keyUse, KeyPlan $keys): RedirectResponse
    {
        $keys->remove($job, $keyUse->load('circuit'), $request->person());

        return $this->back($job, $keyUse->control);
    }

    private function back(SiteJob $job, string $at): RedirectResponse
    {
        return redirect()->route('jobs.survey', ['job' => $job, 'lens' => 'control', 'at' => $at], 303);
    }
}
