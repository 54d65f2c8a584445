<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/**
 * Lets a person in. Every try is written down before the guess is looked at, so that many at once don't slip past the
 * limit; one on an account that there is not takes as long as any other.
 */
final readonly class SignIn
{
    private const WINDOW_SECONDS = 60;

    /** Wrong ones, on one account, from wherever they come */
    private const GUESSES_AN_ACCOUNT = 5;

    /** Wrong ones from one source, on whatever accounts */
    private const GUESSES_A_SOURCE = 20;

    /** Of no account's password: it is compared where there is no account */
    private const NOBODYS_HASH = '$2y$12$C6UzMDM.H6dfI/f/IKcEeO6yl6p1GjfYXBbZPhz5dY2k7pbP9S0tm';

    /** @throws SignInRefused */
    public function with(string $email, string $password, string $source): void
    {
        $user = User::query()->where('email', $email)->first();
        $try = $this->write($email, $user, $source);
        if ($this->isOverTheLimit($try)) {
            DB::table('sign_in_tries')->where('id', $try->id)->update(['outcome' => 'limited']);
            throw SignInRefused::tooManyTries($this->secondsToWait($try));
        }
        $isRight = Hash::check($password, $user->password ?? self::NOBODYS_HASH);
        if ($user === null || ! $isRight) {
            throw SignInRefused::doNotMatch();
        }
        DB::table('sign_in_tries')->where('id', $try->id)->update(['outcome' => 'in']);
        Auth::login($user, remember: true);
    }

    private function write(string $email, ?User $user, string $source): WrittenTry
    {
        // The account as the database would find it: by its own folding of case and accents.
        $account = hash('sha256', (string) DB::scalar('select hex(weight_string(cast(? as char(255)) collate utf8mb4_unicode_ci))', [
            rtrim($email),
        ]));
        $id = DB::table('sign_in_tries')->insertGetId([
            'user_id' => $user?->id, 'account' => $account, 'source' => $source, 'outcome' => 'wrong', 'at' => now(),
        ]);

        return new WrittenTry($id, $account, $source);
    }

    private function isOverTheLimit(WrittenTry $try): bool
    {
        return $this->wrong($try, 'account', $try->account) > self::GUESSES_AN_ACCOUNT
            || $this->wrong($try, 'source', $try->source) > self::GUESSES_A_SOURCE;
    }

    /** How many were wrong or are still being looked at, this one with them. */
    private function wrong(WrittenTry $try, string $by, string $value): int
    {
        return DB::table('sign_in_tries')->where($by, $value)->where('id', '<=', $try->id)->where('outcome', 'wrong')
            ->where('at', '>', now()->subSeconds(self::WINDOW_SECONDS))->count();
    }

    private function secondsToWait(WrittenTry $try): int
    {
        $first = DB::table('sign_in_tries')->where('outcome', 'wrong')->where('at', '>', now()->subSeconds(self::WINDOW_SECONDS))
            ->where(static fn ($either) => $either->where('account', $try->account)->orWhere('source', $try->source))->min('at');

        return (int) max(1, ceil(now()->diffInSeconds(now()->parse($first ?? now())->addSeconds(self::WINDOW_SECONDS))));
    }
}
