<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** CRC-16/X-25, low byte first, as install codes carry it. */
final readonly class Crc16
{
    public static function of(string $bytes): string
    {
        $crc = 0xFFFF;
        foreach (str_split($bytes) as $byte) {
            $crc ^= ord($byte);
            for ($bit = 0; $bit < 8; $bit++) {
                $crc = ($crc & 1) === 1 ? ($crc >> 1) ^ 0x8408 : $crc >> 1;
            }
        }

        return pack('v', $crc ^ 0xFFFF);
    }
}
