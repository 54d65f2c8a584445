<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Bridging\Wrapper;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What every part of a job file is checked for: keys that stand once, references that lead somewhere, dates and times. */
final readonly class Check
{
    private const DATE = '/^(\d{4})-(\d{2})-(\d{2})$/';

    /** Years that a clock of our time can show */
    private const YEARS = [2000, 2037];

    /** A key stands in addresses and file names */
    private const KEY = '/^[A-Za-z0-9][A-Za-z0-9._-]{0,79}$/';

    /** What follows the key of something that a hub shows as something else */
    private const AS = '/^(?: as [a-z0-9-]{1,40})?$/D';

    /**
     * The keys of a list, each once: two that differ in case only are one.
     *
     * @return array<string, string> as they are written, by themselves
     */
    public static function keys(Input $input, string $list): array
    {
        $keys = [];
        $folded = [];
        foreach ($input->get($list)->items() as $item) {
            $key = $item->get('key');
            self::key($key);
            if (isset($folded[' '.strtolower($key->id())])) {
                throw InvalidInput::duplicateId($key->id(), $key->at);
            }
            $folded[' '.strtolower($key->id())] = true;
            $keys[' '.$key->id()] = $key->id();
        }

        return $keys;
    }

    /** @param array<string, mixed> $known by what is written, with a blank before it: "7" is no number here */
    public static function known(Input $reference, array $known): void
    {
        if (! isset($known[' '.$reference->id()])) {
            throw InvalidInput::unknownId($reference->id(), $reference->at);
        }
    }

    public static function key(Input $key): string
    {
        return preg_match(self::KEY, $key->id()) === 1
            ? $key->id()
            : throw InvalidInput::outOfRange($key->at, 'a key of at most 80 letters, digits, dots, dashes and underscores');
    }

    /** A slot or an ecosystem, or what a hub makes of the one for the other. */
    public static function shownKey(Input $key): string
    {
        $raw = Wrapper::rawOf($key->id());
        $as = substr($key->id(), strlen($raw));

        return preg_match(self::KEY, $raw) === 1 && preg_match(self::AS, $as) === 1
            ? $key->id()
            : throw InvalidInput::outOfRange($key->at, 'a key of a slot or an ecosystem, or of one “as” something');
    }

    /** One line of text: nothing in it that can't be seen. */
    public static function line(Input $text, int $most): string
    {
        return preg_match('/[\x00-\x1f\x7f\x{200e}\x{200f}\x{202a}-\x{202e}\x{2066}-\x{2069}]/u', $text->textUpTo($most)) === 0
            ? $text->text()
            : throw InvalidInput::outOfRange($text->at, 'text without control characters');
    }

    /** Text of several lines. */
    public static function note(Input $text, int $most): string
    {
        return preg_match('/[\x00-\x08\x0b\x0c\x0e-\x1f\x7f]/u', $text->textUpTo($most)) === 0
            ? $text->text()
            : throw InvalidInput::outOfRange($text->at, 'text without control characters');
    }

    public static function date(Input $date): void
    {
        $isDate = preg_match(self::DATE, $date->text(), $parts) === 1 && checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1])
            && $parts[1] >= self::YEARS[0] && $parts[1] <= self::YEARS[1];
        if (! $isDate) {
            throw InvalidInput::outOfRange($date->at, 'a date such as 2026-11-20');
        }
    }

    /** In UTC, so that nothing shifts on its way through a database. */
    public static function time(?Input $time): void
    {
        if ($time !== null && ! str_ends_with($time->text(), 'Z')) {
            throw InvalidInput::outOfRange($time->at, 'a time such as 2026-11-20T09:30:00Z');
        }
        $time?->moment();
    }
}
