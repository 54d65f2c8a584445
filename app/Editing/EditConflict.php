<?php

declare(strict_types=1);

namespace App\Editing;

use RuntimeException;

/** Two people edited one record: both values are shown, nothing is overwritten. */
final class EditConflict extends RuntimeException
{
    /**
     * @param  array<string, array{theirs: string, yours: string}>  $differences  by the field's label
     */
    private function __construct(
        public readonly string $what,
        public readonly array $differences,
        public readonly int $currentVersion,
        public readonly string $back,
    ) {
        parent::__construct("Somebody else changed {$what} in the meantime.");
    }

    /** @param array<string, array{theirs: string, yours: string}> $differences */
    public static function over(string $what, array $differences, int $currentVersion, string $back): self
    {
        return new self(
            $what,
            array_filter($differences, static fn (array $pair): bool => $pair['theirs'] !== $pair['yours']),
            $currentVersion,
            $back,
        );
    }
}
