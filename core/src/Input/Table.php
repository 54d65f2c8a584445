<?php

declare(strict_types=1);

namespace Kavvel\Core\Input;

/**
 * A table as files bring it: a heading, then rows. Columns stand in any order, those that nobody knows are left alone, and
 * empty rows count for nothing.
 */
final readonly class Table
{
    /**
     * @param  list<list<string|null>>  $lines  the heading first
     * @param  list<string>  $needed  columns that must be there
     * @param  list<string>  $may  columns that may
     * @return non-empty-list<TableRow>
     *
     * @throws InvalidInput that names the row
     */
    public static function read(array $lines, array $needed, array $may, int $mostRows): array
    {
        $lines = array_filter($lines, static fn (array $line): bool => trim(implode('', $line)) !== '');
        $columns = self::columns((array) array_shift($lines), $needed, $may);
        if (count($lines) > $mostRows) {
            throw InvalidInput::tooLarge('rows', "a table of at most {$mostRows} rows");
        }
        $rows = [];
        foreach (array_values($lines) as $number => $line) {
            $rows[] = new TableRow('row '.($number + 2), array_map(static fn (int $at): string => self::cell($line[$at] ?? ''), $columns));
        }

        return $rows === [] ? throw InvalidInput::missing('row 2') : $rows;
    }

    /** One line, with nothing in it that can't be seen: programs leave line breaks and marks of direction in their cells. */
    private static function cell(string $text): string
    {
        $seen = preg_replace('/[\x{200e}\x{200f}\x{202a}-\x{202e}\x{2066}-\x{2069}]/u', '', $text) ?? $text;

        return trim(preg_replace('/[\s\x00-\x1f\x7f]+/u', ' ', $seen) ?? $seen);
    }

    /**
     * @param  array<array-key, mixed>  $heading
     * @param  list<string>  $needed
     * @param  list<string>  $may
     * @return array<string, int> where each column stands
     */
    private static function columns(array $heading, array $needed, array $may): array
    {
        $columns = [];
        foreach (array_values($heading) as $at => $name) {
            $name = mb_strtolower(trim((string) $name, " \t\n\r\0\x0B\u{feff}"));
            if (in_array($name, [...$needed, ...$may], true)) {
                $columns[$name] = $at;
            }
        }
        foreach ($needed as $name) {
            if (! isset($columns[$name])) {
                throw InvalidInput::missing(
                    'row 1: the columns are “'.implode('”, “', $needed).'”, and may be “'.implode('”, “', $may).'”; “'.$name.'”',
                );
            }
        }

        return $columns;
    }
}
