<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\Name\NameRulesRequest;
use App\Models\SiteJob;
use App\Stations\Name\NameRules;
use Illuminate\Http\RedirectResponse;

/** Who else shows the names of a job. */
final class NameRulesController
{
    public function update(NameRulesRequest $request, SiteJob $job, NameRules $rules): RedirectResponse
    {
        $rules->change($job, $request->integer('lock_version'), $request->values(), $request->person());

        return redirect()->route('jobs.name', [$job, 'lens' => 'names'], 303);
    }
}
