<?php

declare(strict_types=1);

namespace Kavvel\Core\Naming;

use Kavvel\Core\Input\InvalidInput;

/** A job's pattern for names, with {room}, {place}, {what} and {n}. */
final readonly class Pattern
{
    public const STANDARD = '{room} {place} {what} {n}';

    private const PARTS = ['room', 'place', 'what', 'n'];

    /** @throws InvalidInput when it names another part, or not the device itself */
    public function __construct(private string $pattern, string $at = '$.pattern')
    {
        preg_match_all('/\{([^}]*)\}/', $pattern, $found);
        foreach ($found[1] as $part) {
            if (! in_array($part, self::PARTS, true)) {
                throw InvalidInput::unknownWord(
                    $at,
                    '{'.$part.'}',
                    array_map(static fn (string $known): string => '{'.$known.'}', self::PARTS),
                );
            }
        }
        if (! in_array('what', $found[1], true)) {
            throw InvalidInput::outOfRange($at, 'a pattern with {what} in it');
        }
    }

    public function name(Device $device, ?int $number = null, bool $withPlace = true): string
    {
        return Text::squeeze(strtr($this->pattern, [
            '{room}' => $device->room,
            '{place}' => $withPlace ? $device->place : '',
            '{what}' => $device->what,
            '{n}' => $number === null ? '' : (string) $number,
        ]));
    }

    public function numbers(): bool
    {
        return str_contains($this->pattern, '{n}');
    }
}
