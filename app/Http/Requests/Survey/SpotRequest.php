<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use App\Models\Profile;
use Kavvel\Core\Catalogue\Profile as CoreProfile;

/** Where a device of this kind usually goes in a room. */
final class SpotRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['room' => ['required', 'string', 'max:80'], 'profile' => ['required', 'string', 'max:80']];
    }

    public function profile(): CoreProfile
    {
        $profile = Profile::query()->where('key', $this->string('profile'))->first() ?? abort(404);

        return $profile->core($this->siteJob()->region);
    }
}
