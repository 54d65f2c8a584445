<?php

declare(strict_types=1);

namespace Kavvel\Core\Codes;

/**
 * A key that has no standard: a local key, an access code, a password. It often comes inside the structured answer of
 * another program, and is taken out of it.
 */
final readonly class PastedSecret
{
    /** Names of a field, letters only: those that can only be a device's own secret before those that may be anything */
    private const NAMES = [
        [
            'localkey', 'devicekey', 'devkey', 'offlinekey', 'lockkey', 'accesscode', 'accessorycode', 'setupcode', 'pincode',
            'passcode', 'psk',
        ],
        ['password', 'pin', 'secret', 'key'],
        ['token', 'accesstoken', 'code'],
    ];

    /** Names of a field that say whose it is */
    private const OWNERS = ['name', 'title', 'label', 'devicename', 'id', 'deviceid', 'devid', 'uuid', 'mac'];

    private const LEAST_CHARACTERS = 4;

    private const DEEPEST = 32;

    /** @return list<FoundSecret> the likeliest name decides: those that stand under it, in their order; empty: nothing is there */
    public static function in(string $text): array
    {
        $text = trim($text);
        $structure = self::structure($text);
        if ($structure === null) {
            $pairs = self::pairs($text);

            return match (true) {
                $pairs !== [] => self::likeliest($pairs),
                $text === '' || preg_match('/[{}\[\]]/', $text) === 1 => [],
                default => [new FoundSecret($text, '', null)],
            };
        }

        return self::likeliest(self::walk($structure, '', null, self::DEEPEST));
    }

    /** @return array<array-key, mixed>|null JSON, perhaps with other text around it */
    private static function structure(string $text): ?array
    {
        foreach ([['{', '}'], ['[', ']']] as [$open, $close]) {
            $from = strpos($text, $open);
            $to = strrpos($text, $close);
            $decoded = $from === false || $to === false || $to < $from
                ? null
                : json_decode(substr($text, $from, $to - $from + 1), true, self::DEEPEST);
            if (is_array($decoded)) {
                return $decoded;
            }
        }

        return null;
    }

    /** @return list<array{int, FoundSecret}> lines such as "local key: 8f2a", by rank of their name */
    private static function pairs(string $text): array
    {
        $found = [];
        foreach (preg_split('/[\r\n,;]+/', $text) ?: [] as $line) {
            if (preg_match('/^\s*["\']?([\p{L} _-]+?)["\']?\s*[:=]\s*["\']?(.+?)["\']?\s*$/u', $line, $parts) === 1) {
                $rank = self::rank($parts[1]);
                if ($rank !== null && mb_strlen($parts[2]) >= self::LEAST_CHARACTERS) {
                    $found[] = [$rank, new FoundSecret($parts[2], trim($parts[1]), null)];
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<array-key, mixed>  $structure
     * @return list<array{int, FoundSecret}>
     */
    private static function walk(array $structure, string $at, ?string $of, int $deep): array
    {
        $of = self::owner($structure) ?? $of;
        $found = [];
        foreach ($deep === 0 ? [] : $structure as $name => $value) {
            $path = is_int($name) ? "{$at}[{$name}]" : ltrim("{$at}.{$name}", '.');
            if (is_array($value)) {
                $found = [...$found, ...self::walk($value, $path, $of, $deep - 1)];
            } elseif ((is_string($value) || is_int($value)) && mb_strlen((string) $value) >= self::LEAST_CHARACTERS) {
                $rank = self::rank((string) $name);
                $found = $rank === null ? $found : [...$found, [$rank, new FoundSecret((string) $value, $path, $of)]];
            }
        }

        return $found;
    }

    /** @param array<array-key, mixed> $structure */
    private static function owner(array $structure): ?string
    {
        $plain = [];
        foreach ($structure as $name => $value) {
            if (is_string($value) && $value !== '') {
                $plain[self::letters((string) $name)] = $value;
            }
        }
        foreach (self::OWNERS as $owner) {
            if (isset($plain[$owner])) {
                return $plain[$owner];
            }
        }

        return null;
    }

    private static function rank(string $name): ?int
    {
        foreach (self::NAMES as $rank => $names) {
            if (in_array(self::letters($name), $names, true)) {
                return $rank;
            }
        }

        return null;
    }

    private static function letters(string $name): string
    {
        return (string) preg_replace('/[^a-z]/', '', strtolower($name));
    }

    /**
     * @param  list<array{int, FoundSecret}>  $found
     * @return list<FoundSecret>
     */
    private static function likeliest(array $found): array
    {
        $best = $found === [] ? 0 : min(array_column($found, 0));

        return array_column(array_filter($found, static fn (array $one): bool => $one[0] === $best), 1);
    }
}
