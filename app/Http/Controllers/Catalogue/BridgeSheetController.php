<?php

declare(strict_types=1);

namespace App\Http\Controllers\Catalogue;

use App\Catalogue\CatalogueEdits;
use App\Catalogue\CataloguePage;
use App\Http\Requests\Catalogue\BridgeSheetRequest;
use App\Http\Requests\Catalogue\CopyRequest;
use App\Http\Requests\JobRequest;
use App\Models\BridgeSheet;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** Sheets of ecosystems, and of boxes on the way there. */
final class BridgeSheetController
{
    public function show(JobRequest $request, BridgeSheet $bridgeSheet): View
    {
        return view('catalogue.index', ['user' => $request->person(), 'page' => CataloguePage::of(null, $bridgeSheet)]);
    }

    public function update(BridgeSheetRequest $request, BridgeSheet $bridgeSheet, CatalogueEdits $edits): RedirectResponse
    {
        $edits->changeSheet($bridgeSheet, $request->fields(), $request->integer('lock_version'), $request->person());

        return redirect()->route('catalogue.bridges.show', $bridgeSheet->id, 303)
            ->with('saved', 'The entry is changed, on every job that has one.');
    }

    public function copy(CopyRequest $request, BridgeSheet $bridgeSheet, CatalogueEdits $edits): RedirectResponse
    {
        $copy = $edits->copySheet($bridgeSheet, $request->string('key')->toString(), $request->person());

        return redirect()->route('catalogue.bridges.show', $copy->id, 303)->with('saved', 'It is a copy. Put right what differs.');
    }
}
