<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What it means that so many devices appeared in an ecosystem, when so many were passed on. */
enum Appeared: string
{
    case All = 'all';
    case None = 'none';
    case Fewer = 'fewer';
    case More = 'more';

    public static function of(int $expected, int $seen): self
    {
        return match (true) {
            $seen === $expected => self::All,
            $seen === 0 => self::None,
            $seen < $expected => self::Fewer,
            default => self::More,
        };
    }

    public function words(int $expected, int $seen): string
    {
        $more = $seen - $expected;
        $fewer = $expected - $seen;

        return match ($this) {
            self::All => 'All that was passed on is there.',
            self::None => 'Nothing appeared: the code was not taken, or the two are not on one network.',
            self::Fewer => ($fewer === 1 ? 'One is' : "{$fewer} are")
                .' missing: not in the list of what is shown, of a kind that is not known there, or not awake yet.',
            self::More => ($more === 1 ? 'One' : $more)
                .' too many: the list of what is shown lets more through, or some came by a second path as well.',
        };
    }
}
