<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/**
 * How far a device is that was paired at the bench: it is placed, and then its parent and its route are checked anew, since those that it
 * found beside the hub are not those that it has where it lives (RULES 4.2).
 */
enum Placement: string
{
    /** It was paired where it lives, or is not in, or has no radio of ours to check */
    case NotDue = 'not-due';

    /** It is in, and still at the bench */
    case ToPlace = 'to-place';

    /** It is in its place, and nobody has looked since how its radio does there */
    case ToRecheck = 'to-recheck';
    case Sound = 'sound';

    /**
     * Devices of a mesh are checked by a reading of it, others by being heard.
     *
     * @param  bool  $isPaired  it is in by a window of its own
     * @param  int|null  $placedAt  Unix seconds; null: it is at the bench
     * @param  int|null  $checkedAt  when the mesh was read last, or the device heard
     */
    public static function of(PairingOrder $school, bool $isPaired, ?int $placedAt, ?int $checkedAt): self
    {
        return match (true) {
            $school !== PairingOrder::AtBench || ! $isPaired => self::NotDue,
            $placedAt === null => self::ToPlace,
            $checkedAt === null || $checkedAt < $placedAt => self::ToRecheck,
            default => self::Sound,
        };
    }

    public function isWork(): bool
    {
        return $this === self::ToPlace || $this === self::ToRecheck;
    }
}
