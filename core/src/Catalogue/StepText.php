<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** Steps of a recipe as people write them, one a line: the sentences that Step::sentence() makes are read back. */
final readonly class StepText
{
    private const TIMES = '(?<times>once|\d{1,3} times)';

    private const SECONDS = '(?<seconds>\d{1,3}(?:[.,]\d)?) s';

    /** @var array<string, string> by kind */
    private const PATTERNS = [
        'tap' => '/^tap (?<target>.+?) '.self::TIMES.',? do not hold$/iu',
        'press' => '/^press (?<target>.+?) '.self::TIMES.'(?: within '.self::SECONDS.')?$/iu',
        'pin-hold' => '/^push a pin into (?<target>.+?) for '.self::SECONDS.'$/iu',
        'hold' => '/^hold (?<target>.+?) for '.self::SECONDS.'$/iu',
        'pull-tab' => '/^pull the battery tab$/iu',
        'insert-battery' => '/^put the battery in$/iu',
        'power-cycle' => '/^switch off and on '.self::TIMES.'$/iu',
        'power-on' => '/^power on(?: at (?<target>.+))?$/iu',
        'turn' => '/^turn (?<target>.+?) '.self::TIMES.'$/iu',
        'scan' => '/^scan the code on the sticker$/iu',
        'enter-code' => '/^enter the code from the sticker$/iu',
    ];

    /**
     * @return list<array<string, mixed>> as a catalogue keeps them
     *
     * @throws StepUnreadable
     */
    public static function read(string $lines): array
    {
        $steps = [];
        foreach (preg_split('/\R/u', $lines) ?: [] as $number => $line) {
            $line = trim($line, " \t.;");
            if ($line !== '') {
                $steps[] = self::step($line) ?? throw StepUnreadable::at($number + 1, $line);
            }
        }

        return $steps;
    }

    /** @param list<array<string, mixed>> $steps */
    public static function write(array $steps): string
    {
        return implode("\n", array_map(static fn (array $step): string => Step::fromInput(Input::of($step))->sentence(), $steps));
    }

    /** @return array<string, mixed>|null */
    private static function step(string $line): ?array
    {
        foreach (self::PATTERNS as $kind => $pattern) {
            if (preg_match($pattern, $line, $found) !== 1) {
                continue;
            }
            $target = $found['target'] ?? '';
            $times = $found['times'] ?? '';
            $seconds = $found['seconds'] ?? '';

            return [
                'do' => $kind,
                ...($times === '' ? [] : ['times' => $times === 'once' ? 1 : max(1, (int) $times)]),
                ...($seconds === '' ? [] : ['seconds' => (float) str_replace(',', '.', $seconds)]),
                ...($target === '' ? [] : ['target' => $target]),
            ];
        }

        return null;
    }
}
