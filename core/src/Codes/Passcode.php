<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** The passcode of a Matter device: 1 to 99999998, and none that everybody tries first (Matter core specification, 5.1.7). */
final readonly class Passcode
{
    private const MOST = 99_999_998;

    /**
     * @throws CodeRefused
     */
    public static function checked(int $passcode): int
    {
        $digits = sprintf('%08d', $passcode);
        if (in_array($digits, ['12345678', '87654321'], true) || $digits === str_repeat($digits[0], 8)) {
            throw CodeRefused::forbiddenPasscode($passcode);
        }
        if ($passcode > self::MOST) {
            throw CodeRefused::beyond("The passcode {$passcode} is above ".self::MOST.', the largest there is', 'passcode');
        }

        return $passcode;
    }
}
