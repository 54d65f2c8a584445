<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** The keys that a Z-Wave device asks for at inclusion (Z-Wave S2, requested keys). */
enum ZWaveKeys: string
{
    case Unauthenticated = 's2-unauthenticated';
    case Authenticated = 's2-authenticated';
    case AccessControl = 's2-access-control';
    case S0 = 's0';

    private const KNOWN_BITS = 135;

    public function bit(): int
    {
        return match ($this) {
            self::Unauthenticated => 1,
            self::Authenticated => 2,
            self::AccessControl => 4,
            self::S0 => 128,
        };
    }

    /** @return list<self> */
    public static function ofBits(int $bits): array
    {
        return array_values(array_filter(self::cases(), static fn (self $key): bool => ($bits & $key->bit()) !== 0));
    }

    public static function hasUnknown(int $bits): bool
    {
        return ($bits & ~self::KNOWN_BITS) !== 0;
    }
}
