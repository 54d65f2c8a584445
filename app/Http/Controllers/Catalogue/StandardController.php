<?php

declare(strict_types=1);

namespace App\Http\Controllers\Catalogue;

use App\Catalogue\CatalogueEdits;
use App\Http\Requests\Catalogue\LeadRequest;
use Illuminate\Http\RedirectResponse;

/** The entries that come with the application. */
final class StandardController
{
    public function store(LeadRequest $request, CatalogueEdits $edits): RedirectResponse
    {
        $json = (string) file_get_contents(database_path('catalogue/standard.json'));
        $count = $edits->import($json, $request->person()->name, onlyNew: true);

        return redirect()->route('catalogue.index', status: 303)->with('saved', "Taken in: {$count['new']} new.");
    }
}
