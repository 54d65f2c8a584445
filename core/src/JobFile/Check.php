<?php

declare(strict_types=1);

namespace Kavvel\Core\JobFile;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What every part of a job file is checked for: keys that stand once, references that lead somewhere, dates and times. */
final readonly class Check
{
    private const DATE = '/^\d{4}-\d{2}-\d{2}$/';

    private const TIME = '/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?Z$/';

    /** @return list<string> */
    public static function keys(Input $input, string $list): array
    {
        $keys = [];
        foreach ($input->get($list)->items() as $item) {
            $key = $item->get('key');
            if (in_array($key->id(), $keys, true)) {
                throw InvalidInput::duplicateId($key->id(), $key->at);
            }
            $keys[] = $key->id();
        }

        return $keys;
    }

    /** @param list<string> $known */
    public static function known(Input $reference, array $known): void
    {
        if (! in_array($reference->id(), $known, true)) {
            throw InvalidInput::unknownId($reference->id(), $reference->at);
        }
    }

    public static function date(Input $date): void
    {
        if (preg_match(self::DATE, $date->text()) !== 1 || strtotime($date->text()) === false) {
            throw InvalidInput::outOfRange($date->at, 'a date such as 2026-11-20');
        }
    }

    public static function time(?Input $time): void
    {
        if ($time !== null && (preg_match(self::TIME, $time->text()) !== 1 || strtotime($time->text()) === false)) {
            throw InvalidInput::outOfRange($time->at, 'a time such as 2026-11-20T09:30:00Z');
        }
    }
}
