<?php

declare(strict_types=1);

namespace Kavvel\Core\Wants;

use Kavvel\Core\Catalogue\Profile;

/**
 * What speaks against a kind of device at a place, the worst first: nothing speaks to it, it tells no state, its link would
 * not be accepted, it can be pulled, the job has no other device of its protocol, it does more than is asked for, it has a
 * battery, the job has no other of its model. Where practitioners disagree on the order, a link that holds goes before one
 * kind of radio, and that before the work of changing batteries.
 */
final readonly class Drawbacks
{
    public const UNSPOKEN = 0;

    public const STATELESS = 1;

    public const UNACCEPTED = 2;

    public const REMOVABLE = 3;

    public const NEW_PROTOCOL = 4;

    public const SURPLUS = 5;

    public const BATTERY = 6;

    public const NEW_MODEL = 7;

    /** @param list<int> $counts */
    private function __construct(public array $counts) {}

    public static function none(): self
    {
        return new self(array_fill(0, self::NEW_MODEL + 1, 0));
    }

    /**
     * @param  int  $surplus  functions that it has and nobody asked for here
     * @param  array<string, int>  $inUse  how many devices the job has, by "protocol …" and "model …"
     */
    public static function of(Profile $profile, ?bool $isSpoken, ?bool $isAccepted, int $surplus, array $inUse): self
    {
        return new self(array_map(static fn (bool|int $is): int => (int) $is, [
            // A bus is a cable in the wall: it is there, or it is not.
            $isSpoken === false || $profile->power === 'bus' && $isSpoken !== true,
            $profile->isStateless,
            $isAccepted === false,
            $profile->removable,
            ! isset($inUse["protocol {$profile->protocol->value}"]),
            $surplus,
            $profile->power === 'battery',
            ! isset($inUse["model {$profile->key}"]),
        ]));
    }

    public function plus(self $other): self
    {
        return new self(array_map(static fn (int $a, int $b): int => $a + $b, $this->counts, $other->counts));
    }

    /** The first that the other has and this one has not, or has less of; null where neither is better. */
    public function lessThan(self $other): ?int
    {
        foreach ($this->counts as $which => $count) {
            if ($count !== $other->counts[$which]) {
                return $count < $other->counts[$which] ? $which : null;
            }
        }

        return null;
    }
}
