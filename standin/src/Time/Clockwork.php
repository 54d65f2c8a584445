<?php

declare(strict_types=1);

namespace Kavvel\Standin\Time;

use Kavvel\Standin\House\House;

/**
 * The house now. The state is kept beside the log with the place up to which it has read, so that a request takes in
 * what is new and not the whole log again.
 *
 * @phpstan-import-type Kept from Fold
 *
 * @phpstan-type Snapshot array{beginning: string, place: int, ahead: float, kept: Kept}
 */
final readonly class Clockwork
{
    public function __construct(private House $house, private HandLog $log) {}

    public function now(): Fold
    {
        $snapshot = $this->snapshot();
        [$entries, $place] = $this->log->from($snapshot['place'] ?? 0);
        $ahead = ($snapshot['ahead'] ?? 0.0) + HandLog::ahead($entries);
        $fold = Fold::of($this->house, $entries, HandLog::now($ahead), $snapshot['kept'] ?? null);
        if ($entries !== []) {
            $this->keep(['beginning' => $this->log->beginning(), 'place' => $place, 'ahead' => $ahead, 'kept' => $fold->kept()]);
        }

        return $fold;
    }

    /** @return Snapshot|null null: there is none, or it is of a log that was put away */
    private function snapshot(): ?array
    {
        /** @var Snapshot|false $kept */
        $kept = is_file($this->log->snapshot) ? @unserialize((string) file_get_contents($this->log->snapshot)) : false;

        return $kept !== false && $kept['beginning'] !== '' && $kept['beginning'] === $this->log->beginning() ? $kept : null;
    }

    /** @param Snapshot $snapshot */
    private function keep(array $snapshot): void
    {
        $fresh = $this->log->snapshot.'.'.getmypid();
        file_put_contents($fresh, serialize($snapshot));
        rename($fresh, $this->log->snapshot);
    }
}
