<?php

declare(strict_types=1);

namespace App\JobFiles;

use Illuminate\Support\Facades\Crypt;

/** Where the house of a job stands in: the houses of docs/cases.md each below an address of its own. */
final readonly class StandinAddress
{
    public static function of(string $job): string
    {
        $isCase = is_file(database_path("demo/cases/{$job}.json"));

        return config('kavvel.standin.url').($isCase ? "/houses/{$job}" : '');
    }

    /**
     * The link of something that the stand-in answers for below its house, where a file asks for it and may.
     *
     * @param  array<string, mixed>  $row
     * @return array{url: string|null, token: string|null}
     */
    public static function link(Reading $reading, array $row, string $path): array
    {
        $isLinked = $reading->linksStandin && ($row['link'] ?? null) === 'standin';

        return $isLinked
            ? ['url' => self::of($reading->job->key)."/{$path}", 'token' => Crypt::encryptString((string) config('kavvel.standin.token'))]
            : ['url' => null, 'token' => null];
    }
}
