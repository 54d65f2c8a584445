<?php

declare(strict_types=1);

namespace App\Tables;

/** A table as text, a line for every row (RFC 4180). */
final readonly class Csv
{
    /** @param iterable<list<string|int>> $rows the heading first */
    public static function text(iterable $rows): string
    {
        $text = '';
        foreach ($rows as $row) {
            $text .= implode(',', array_map(self::cell(...), $row))."\r\n";
        }

        return $text;
    }

    /** A text that begins like a formula is made plain, for whoever opens it in a spreadsheet. */
    private static function cell(string|int $value): string
    {
        $text = (string) $value;
        $plain = preg_match('/^[=+\-@\t\r]/', $text) === 1 && ! is_numeric($text) ? "'{$text}" : $text;

        return preg_match('/[",\r\n]/', $plain) === 1 ? '"'.str_replace('"', '""', $plain).'"' : $plain;
    }
}
