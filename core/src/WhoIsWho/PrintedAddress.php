<?php

declare(strict_types=1);

namespace Kavvel\Core\WhoIsWho;

/** What is printed on a device, read off whole or by its end, against the addresses that a network reports. */
final readonly class PrintedAddress
{
    /** Fewer characters are no evidence: two of forty devices share them easily */
    private const FEWEST = 4;

    /** A whole address in any spelling, or its last four characters and more. */
    public static function is(string $printed, string $address): bool
    {
        [$printed, $address] = [self::plain($printed), self::plain($address)];

        return strlen($printed) >= self::FEWEST && str_ends_with($address, $printed);
    }

    private static function plain(string $text): string
    {
        return strtoupper((string) preg_replace('/^0x|[^0-9A-Za-z]/i', '', trim($text)));
    }
}
