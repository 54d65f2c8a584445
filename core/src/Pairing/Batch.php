<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Protocol\Protocol;

/**
 * Several unlike devices through one window, where the job allows it (RULES 4.2): what comes in is told apart by its model, so no two
 * alike, and none that the window would have to know a code for.
 */
final readonly class Batch
{
    /** Nobody keeps track of more */
    public const MOST = 3;

    /**
     * Why one more can't come in through this window; null: it can.
     *
     * @param  list<Profile>  $inWindow  of the devices that it is open for
     * @param  int  $most  devices in a window that the job allows
     */
    public static function objection(Profile $candidate, array $inWindow, int $most): ?string
    {
        foreach ($inWindow as $profile) {
            $because = self::against($candidate, $profile);
            if ($because !== null) {
                return $because;
            }
        }
        $allowed = min($most, self::MOST);

        return match (true) {
            count($inWindow) < $allowed => null,
            $allowed === 1 => 'This job lets in one device at a time.',
            default => "A window of this job lets in {$allowed} devices.",
        };
    }

    /**
     * Which of the devices that a window is open for has just said its model.
     *
     * @param  array<int, string>  $models  of those that are still to come, by number of their attempt
     */
    public static function attemptOf(?string $model, array $models): ?int
    {
        $found = array_search($model, $models, true);

        return $model === null || $found === false ? null : $found;
    }

    private static function against(Profile $candidate, Profile $other): ?string
    {
        return match (true) {
            $candidate->protocol !== $other->protocol => "It is of another radio, {$candidate->protocol->title()}: that has "
                .'a window of its own.',
            self::goesAlone($candidate) || self::goesAlone($other) => 'A device that is let in by its code or its lock goes alone.',
            $candidate->model === $other->model => "It looks like the {$other->name}: alike ones come in one at a time.",
            default => null,
        };
    }

    private static function goesAlone(Profile $profile): bool
    {
        return $profile->secure || $profile->codeSheet?->isNeeded === true
            || in_array($profile->protocol, [Protocol::Matter, Protocol::Thread], true);
    }
}
