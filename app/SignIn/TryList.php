<?php

declare(strict_types=1);

namespace App\SignIn;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Who tried to sign in to the accounts of a company, the latest first. */
final readonly class TryList
{
    private const SHOWN = 60;

    private const WORDS = ['in' => 'signed in', 'wrong' => 'wrong password', 'limited' => 'held off: too many tries'];

    /** @return list<array{name: string, source: string, words: string, at: Carbon}> */
    public function of(int $companyId): array
    {
        $tries = DB::table('sign_in_tries')->join('users', 'users.id', 'sign_in_tries.user_id')->where('users.company_id', $companyId)
            ->orderByDesc('sign_in_tries.id')->limit(self::SHOWN)->get(['users.name', 'source', 'outcome', 'at']);

        return array_values($tries->map(static fn (stdClass $try): array => [
            'name' => (string) $try->name,
            'source' => (string) $try->source,
            'words' => self::WORDS[$try->outcome] ?? (string) $try->outcome,
            'at' => Carbon::parse($try->at),
        ])->all());
    }
}
