<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** The hash of Zigbee security: AES-128 after Matyas, Meyer and Oseas (Zigbee specification, annex B.6). */
final readonly class AesMmo
{
    private const BLOCK = 16;

    public static function hash(string $bytes): string
    {
        $hash = str_repeat("\0", self::BLOCK);
        $zeros = (2 * self::BLOCK - 3 - strlen($bytes) % self::BLOCK) % self::BLOCK;
        $padded = $bytes."\x80".str_repeat("\0", $zeros).pack('n', 8 * strlen($bytes));
        foreach (str_split($padded, self::BLOCK) as $block) {
            $hash = $block ^ (string) openssl_encrypt($block, 'aes-128-ecb', $hash, OPENSSL_RAW_DATA | OPENSSL_ZERO_PADDING);
        }

        return $hash;
    }
}
