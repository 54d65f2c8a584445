<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/**
 * Acts as people write them, one a line: “sign in: She opens the app on her own phone (2 min)”, “window: Open the sharing window
 * (1 min, 900 s)”, “client scan: …”. What lasts longer than the work says so after a bar: “switch on: … | the house is open to …”.
 */
final readonly class ActText
{
    private const PATTERN = '/^(?<client>client )?(?<do>[a-z -]+?):\s*(?<say>[^|]+?)\s*'
        .'(?:\((?<minutes>\d{1,3}) min(?:,\s*(?<seconds>\d{1,3}) s)?\))?\s*(?:\|\s*(?<effect>.+))?$/iu';

    /**
     * @return list<array<string, mixed>> as a catalogue keeps them
     *
     * @throws ActUnreadable
     */
    public static function read(string $lines): array
    {
        $acts = [];
        foreach (preg_split('/\R/u', $lines) ?: [] as $number => $line) {
            $line = trim($line);
            if ($line === '') {
                continue;
            }
            $isAct = preg_match(self::PATTERN, $line, $found) === 1;
            $kind = $isAct ? ActKind::tryFrom(str_replace(' ', '-', mb_strtolower(trim($found['do'])))) : null;
            if ($kind === null || ! in_array($kind, ActKind::OF_SHEETS, true)) {
                throw ActUnreadable::at($number + 1, $line);
            }
            $acts[] = array_filter([
                'do' => $kind->value, 'say' => $found['say'], 'client' => ($found['client'] ?? '') !== '',
                'minutes' => ($found['minutes'] ?? '') === '' ? null : (int) $found['minutes'],
                'seconds' => ($found['seconds'] ?? '') === '' ? null : (int) $found['seconds'], 'effect' => $found['effect'] ?? '',
            ], static fn (mixed $value): bool => ! in_array($value, ['', null, false], true));
        }

        return $acts;
    }

    /**
     * The acts of several forms, each begun by its own line: “over matter-bridge”.
     *
     * @return array<string, list<array<string, mixed>>> by form after a blank
     *
     * @throws ActUnreadable
     */
    public static function readByForm(string $lines): array
    {
        $byForm = [];
        $form = null;
        foreach (preg_split('/\R/u', $lines) ?: [] as $number => $line) {
            if (preg_match('/^\s*over\s+([^:]+?)\s*$/iu', $line, $found) === 1) {
                $form = " {$found[1]}";
            } elseif (trim($line) !== '') {
                $byForm[$form ?? throw ActUnreadable::at($number + 1, trim($line))][] = $line;
            }
        }

        return array_map(static fn (array $of): array => self::read(implode("\n", $of)), $byForm);
    }

    /** @param array<string, list<Act>> $byForm by form after a blank */
    public static function writeByForm(array $byForm): string
    {
        $parts = [];
        foreach (array_filter($byForm) as $form => $acts) {
            $parts[] = "over{$form}\n".self::write($acts);
        }

        return implode("\n", $parts);
    }

    /** @param list<Act> $acts */
    public static function write(array $acts): string
    {
        return implode("\n", array_map(self::line(...), $acts));
    }

    private static function line(Act $act): string
    {
        return implode('', [
            $act->isClients && $act->kind !== ActKind::SignIn ? 'client ' : '',
            str_replace('-', ' ', $act->kind->value).": {$act->say} ({$act->minutes} min",
            $act->seconds === null ? '' : ", {$act->seconds} s",
            ')',
            $act->effect === '' ? '' : " | {$act->effect}",
        ]);
    }
}
