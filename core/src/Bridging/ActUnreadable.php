<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Input\InvalidInput;

/** A line that is no act of linking. */
final class ActUnreadable extends InvalidInput
{
    public static function at(int $line, string $text): self
    {
        $quoted = self::quoted($text);
        $kinds = implode(', ', array_map(static fn (ActKind $kind): string => str_replace('-', ' ', $kind->value), ActKind::OF_SHEETS));

        return new self(
            'no-act',
            "Line {$line}, “{$quoted}”, is no act. It begins with what is done ({$kinds}) and a colon, and ends with its minutes: "
                .'sign in: She opens the app on her own phone (2 min)',
            "line {$line}",
        );
    }
}
