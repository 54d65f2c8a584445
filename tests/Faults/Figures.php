<?php

declare(strict_types=1);

namespace Tests\Faults;

/** What was measured, printed when the tests have ended. */
final class Figures
{
    /** @var list<string> */
    private static array $lines = [];

    public static function note(string $what, string $figure): void
    {
        if (self::$lines === []) {
            register_shutdown_function(self::print(...));
        }
        self::$lines[] = sprintf('  %-52s %s', $what, $figure);
    }

    private static function print(): void
    {
        fwrite(STDERR, "\nfigures\n".implode("\n", self::$lines)."\n");
    }
}
