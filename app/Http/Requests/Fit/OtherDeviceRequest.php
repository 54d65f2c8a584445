<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use App\Models\Profile;
use App\Tenancy\CurrentCompany;
use Illuminate\Validation\Rule;

/** Another device of the catalogue that goes in instead. */
final class OtherDeviceRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $company = app(CurrentCompany::class)->id();

        return [
            'profile' => ['required', 'string', Rule::exists('profiles', 'key')->where('company_id', $company)],
            'lock_version' => ['required', 'integer'],
        ];
    }

    public function profile(): Profile
    {
        return Profile::query()->where('key', $this->string('profile')->toString())->firstOrFail();
    }
}
