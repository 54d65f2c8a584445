<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\Account\CompanyRequest;
use App\Models\Company;
use Illuminate\Http\RedirectResponse;

final class CompanyController
{
    public function update(CompanyRequest $request): RedirectResponse
    {
        Company::query()->whereKey($request->person()->company_id)->update($request->values());

        return redirect()->route('jobs.index', status: 303)->with('saved', 'The company’s details are saved. The next pack names them.');
    }
}
