<?php

declare(strict_types=1);

namespace App\Http\Controllers\Catalogue;

use App\Catalogue\CatalogueEdits;
use App\Catalogue\CataloguePage;
use App\Http\Requests\Catalogue\CatalogueFileRequest;
use App\Http\Requests\Catalogue\CatalogueRequest;
use App\Http\Requests\Catalogue\CopyRequest;
use App\Http\Requests\JobRequest;
use App\Models\Profile;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

final class CatalogueController
{
    public function index(JobRequest $request): View
    {
        return view('catalogue.index', ['user' => $request->person(), 'page' => CataloguePage::of(null)]);
    }

    public function show(JobRequest $request, Profile $profile): View
    {
        return view('catalogue.index', ['user' => $request->person(), 'page' => CataloguePage::of($profile)]);
    }

    public function update(CatalogueRequest $request, Profile $profile, CatalogueEdits $edits): RedirectResponse
    {
        $edits->change($profile, $request->fields(), $request->integer('lock_version'), $request->person());

        return redirect()->route('catalogue.show', $profile->key, 303)->with('saved', 'The entry is changed, on every job that plans it.');
    }

    public function copy(CopyRequest $request, Profile $profile, CatalogueEdits $edits): RedirectResponse
    {
        $copy = $edits->copy($profile, $request->string('key')->toString(), $request->person());

        return redirect()->route('catalogue.show', $copy->key, 303)->with('saved', 'It is a copy. Put right what differs.');
    }

    public function store(CatalogueFileRequest $request, CatalogueEdits $edits): RedirectResponse
    {
        ['new' => $new, 'changed' => $changed] = $edits->import($request->content(), $request->person()->name);

        return redirect()->route('catalogue.index', status: 303)->with('saved', "Taken in: {$new} new, {$changed} changed.");
    }

    public function export(CatalogueEdits $edits): Response
    {
        return response($edits->export(), headers: [
            'Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="catalogue.kavvel.json"',
        ]);
    }
}
