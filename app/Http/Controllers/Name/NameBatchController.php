<?php

declare(strict_types=1);

namespace App\Http\Controllers\Name;

use App\Http\Requests\JobRequest;
use App\Http\Requests\Name\RenameRequest;
use App\Models\NameBatch;
use App\Models\SiteJob;
use App\Naming\RenameAsk;
use App\Naming\RenameList;
use App\Naming\Renaming;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\Response;

/** Names that are changed together. */
final class NameBatchController
{
    /** Old and new, for whatever outside goes by the old ones. */
    public function show(SiteJob $job, NameBatch $nameBatch): Response
    {
        return response(RenameList::csv($nameBatch), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"{$job->key}-names-{$nameBatch->id}.csv\"",
        ]);
    }

    public function store(RenameRequest $request, SiteJob $job, Renaming $renaming): RedirectResponse
    {
        $ask = RenameAsk::of($request->string('at')->toString());
        $renaming->apply($job, $ask, $request->string('seen')->toString(), $request->person());

        return redirect()->route('jobs.name', [$job, 'lens' => 'names'], 303);
    }

    public function destroy(JobRequest $request, SiteJob $job, NameBatch $nameBatch, Renaming $renaming): RedirectResponse
    {
        $left = $renaming->undo($job, $nameBatch, $request->person());
        $back = redirect()->route('jobs.name', [$job, 'lens' => 'names'], 303);

        return $left === 0 ? $back : $back->with('saved', "{$left} of them had been changed since, and keep the name they have.");
    }
}
