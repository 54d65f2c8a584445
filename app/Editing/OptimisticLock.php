<?php

declare(strict_types=1);

namespace App\Editing;

use Illuminate\Database\Eloquent\Model;

/** Writes only over the version that the person saw; otherwise both values are shown. */
final readonly class OptimisticLock
{
    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, string>  $labels  of the values that a person compares, by column
     *
     * @throws EditConflict
     */
    public function update(Model $record, int $seenVersion, array $values, string $what, array $labels): void
    {
        $written = $record->newQuery()->whereKey($record->getKey())->where('lock_version', $seenVersion)
            ->update([...$values, 'lock_version' => $seenVersion + 1]);
        $record->refresh();
        if ($written === 1) {
            return;
        }
        $differences = [];
        foreach ($labels as $column => $label) {
            $differences[$label] = ['theirs' => (string) $record->getAttribute($column), 'yours' => (string) ($values[$column] ?? '')];
        }
        throw EditConflict::over($what, $differences, (int) $record->getAttribute('lock_version'), url()->previous());
    }
}
