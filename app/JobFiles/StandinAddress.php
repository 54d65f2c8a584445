<?php

declare(strict_types=1);

namespace App\JobFiles;

/** Where the house of a job stands in: the houses of docs/cases.md each below an address of its own. */
final readonly class StandinAddress
{
    public static function of(string $job): string
    {
        $isCase = is_file(database_path("demo/cases/{$job}.json"));

        return config('kavvel.standin.url').($isCase ? "/houses/{$job}" : '');
    }
}
