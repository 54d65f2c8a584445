<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** How a Matter device can be found before it is in (Matter core specification, discovery capabilities). */
enum Discovery: string
{
    case SoftAp = 'soft-ap';
    case BluetoothLe = 'ble';
    case OnNetwork = 'on-network';
    case WifiActionFrame = 'wifi-paf';
    case Nfc = 'nfc';

    private const KNOWN_BITS = 31;

    public function bit(): int
    {
        return 1 << (int) array_search($this, self::cases(), true);
    }

    /** @return list<self> */
    public static function ofBits(int $bits): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => ($bits & $one->bit()) !== 0));
    }

    public static function hasUnknown(int $bits): bool
    {
        return ($bits & ~self::KNOWN_BITS) !== 0;
    }
}
