<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use Kavvel\Core\Bridging\NameCell;

/** Names and rooms of devices in every ecosystem: as they will arrive, and as they were seen there. */
final readonly class NamesGridMove
{
    public static function of(JobBridging $bridging, Asked $asked): Move
    {
        $showings = Showings::of($bridging);
        $columns = array_map(
            static fn (string $key): array => $showings->cells($key),
            array_combine(array_keys($bridging->ecosystems), array_map(strval(...), array_keys($bridging->ecosystems))),
        );
        $at = preg_match('/^names (.+)$/', (string) $asked->at, $found) === 1 ? $found[1] : null;
        $ecosystem = $at === null ? null : $bridging->ecosystems[$at] ?? null;
        $after = AfterLinking::of($bridging, $showings, $ecosystem?->key);
        $data = [
            'bridging' => $bridging, 'columns' => $columns, 'after' => $after, 'ecosystem' => $ecosystem,
            'minutes' => array_map(NameCell::minutes(...), $columns),
            'waiting' => count(array_filter(
                array_merge(...array_values($columns)),
                static fn (NameCell $cell): bool => $cell->waitsForSource(),
            )),
        ];

        return new Move(
            $after === null ? 'bridge.names-side' : 'bridge.after',
            static fn (): array => $data,
            new Lens,
            middle: new Middle(
                'bridge.names',
                static fn (): array => $data,
                hash('xxh128', serialize([$columns, $asked->at, $bridging->ecosystems])),
                $bridging->sheet->geometry->storeys[0]['key'],
                [],
            ),
            isLive: $after?->isWaiting() === true || $ecosystem?->isAsked() === true,
            lenses: BridgeLens::titles(),
            chosenLens: BridgeLens::Names->value,
        );
    }
}
