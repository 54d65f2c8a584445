<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/** The letters of a Matter QR code: five hold three bytes, four hold two, two hold one, least significant first. */
final readonly class Base38
{
    private const ALPHABET = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ-.';

    /** Bytes that a group of so many characters holds */
    private const BYTES = [5 => 3, 4 => 2, 2 => 1];

    /**
     * @param  int  $least  characters
     *
     * @throws CodeRefused
     */
    public static function bytes(Typed $typed, int $least): string
    {
        $typed->allOf(self::ALPHABET, 'capital letters, digits, “-” and “.” only');
        if ($typed->length() < $least || ! in_array($typed->length() % 5, [0, ...array_keys(self::BYTES)], true)) {
            throw CodeRefused::badLength(
                "The code is cut off: it has at least {$least} characters, and 2 or 4 after its groups of 5",
                (string) $typed->length(),
                $typed->place($typed->length()),
            );
        }
        $bytes = '';
        for ($at = 0; $at < $typed->length(); $at += 5) {
            $group = substr($typed->code, $at, 5);
            $many = self::BYTES[strlen($group)];
            $bytes .= self::group($group, $many) ?? throw CodeRefused::beyond(
                "The group “{$group}” stands for more than {$many} bytes can hold: a character is wrong",
                $typed->span($at, strlen($group)),
            );
        }

        return $bytes;
    }

    public static function of(string $bytes): string
    {
        $code = '';
        foreach (str_split($bytes, 3) as $part) {
            $value = 0;
            foreach (array_reverse(str_split($part)) as $byte) {
                $value = $value * 256 + ord($byte);
            }
            for ($i = 0; $i < (int) array_search(strlen($part), self::BYTES, true); $i++) {
                $code .= self::ALPHABET[$value % 38];
                $value = intdiv($value, 38);
            }
        }

        return $code;
    }

    private static function group(string $group, int $many): ?string
    {
        $value = 0;
        foreach (array_reverse(str_split($group)) as $character) {
            $value = $value * 38 + (int) strpos(self::ALPHABET, $character);
        }
        $bytes = '';
        for ($i = 0; $i < $many; $i++) {
            $bytes .= chr($value % 256);
            $value = intdiv($value, 256);
        }

        return $value === 0 ? $bytes : null;
    }
}
