<?php

declare(strict_types=1);

namespace App\Naming;

use App\Models\NameBatch;
use App\Models\NameChange;
use App\Tables\Csv;
use Kavvel\Core\Naming\Text;

/** What was renamed, as a table (RFC 4180): slot, old and new name, old and new id for programs. */
final readonly class RenameList
{
    public static function csv(NameBatch $batch): string
    {
        $changes = $batch->changes()->with('slot')->orderBy('id')->get();

        return Csv::text([['slot', 'old name', 'new name', 'old id', 'new id'], ...$changes->map(static fn (NameChange $one): array => [
            (string) $one->slot?->key, (string) $one->from, $one->to, Text::slug((string) $one->from), Text::slug($one->to),
        ])->values()->all()]);
    }
}
