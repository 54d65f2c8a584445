<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\User;
use Illuminate\Contracts\Session\Session;

/** A session belongs to an era of its user. When a lead ends all sessions of a user, the next era begins. */
final readonly class SessionEra
{
    private const KEY = 'era';

    /** A session that has just been signed in, by password or by the browser's memory. */
    public static function begin(Session $session, User $user): void
    {
        $session->put(self::KEY, $user->session_era);
    }

    public static function isOver(Session $session, User $user): bool
    {
        return $session->get(self::KEY, 0) !== $user->session_era;
    }

    /** Ends every session of this user, and what browsers remember of them. */
    public static function end(User $user): void
    {
        $user->forceFill(['session_era' => $user->session_era + 1, 'remember_token' => null])->save();
    }
}
