<?php

declare(strict_types=1);

namespace App\Http\Controllers\HandOver;

use App\Http\Requests\JobRequest;
use App\Models\Pack;
use App\Models\SiteJob;
use App\Stations\HandOver\Packs;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\Response;

final class PackController
{
    public function store(JobRequest $request, SiteJob $job, Packs $packs): RedirectResponse
    {
        $packs->ask($job, $request->person());

        return redirect()->route('jobs.hand-over', $job, 303);
    }

    public function show(SiteJob $job, Pack $pack): Response
    {
        abort_if($pack->path === null, 404);

        return Storage::disk('local')->download($pack->path, "{$job->key}-pack-{$pack->number}.pdf", ['Content-Type' => 'application/pdf']);
    }
}
