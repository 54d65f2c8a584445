<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Models\Profile;
use Illuminate\Database\Eloquent\Collection;

/** The company's profiles, as a form offers them. */
final readonly class Catalogue
{
    /** @return Collection<int, Profile> */
    public static function profiles(): Collection
    {
        return Profile::query()->orderBy('key')->get();
    }
}
