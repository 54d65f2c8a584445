<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Models\BridgeSheet;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use Kavvel\Core\Bridging\Growth;
use Kavvel\Core\Bridging\SheetKind;

/** The ecosystems of the client and the boxes on the way there: noted, changed, weighed. */
final readonly class BoxesMove
{
    private const ADD = 'add ';

    public static function of(JobBridging $bridging, Asked $asked): Move
    {
        [$kind, $key] = [...explode(' ', (string) $asked->at, 2), ''];
        $ecosystem = $kind === SheetKind::Ecosystem->value ? $bridging->ecosystems[$key] ?? null : null;
        $box = $kind === SheetKind::Box->value ? $bridging->boxes[$key] ?? null : null;
        $adding = str_starts_with((string) $asked->at, self::ADD) ? SheetKind::tryFrom(explode(' ', $key)[0]) : null;
        $data = [
            'bridging' => $bridging,
            'ecosystem' => $ecosystem,
            'box' => $box,
            'adding' => $adding,
            'wanted' => $adding === null ? null : (explode(' ', $key)[1] ?? null),
            'at' => $asked->at,
        ];

        return new Move(
            'bridge.boxes-side',
            static fn (): array => [
                ...$data,
                'sheets' => BridgeSheet::query()->orderBy('key')->get()->groupBy(static fn (BridgeSheet $one): string => $one->kind->value),
            ],
            new Lens,
            middle: new Middle(
                'bridge.boxes',
                static fn (): array => [
                    ...$data,
                    'growth' => $bridging->trouble === null ? Growth::of($bridging->household, $bridging->plan()->worthwhile()) : [],
                ],
                hash('xxh128', serialize([$bridging->household->ecosystems, $bridging->household->boxes, $bridging->figures, $asked->at])),
                $bridging->sheet->geometry->storeys[0]['key'],
                [],
            ),
            isLive: ($ecosystem ?? $box)?->isAsked() === true,
            lenses: BridgeLens::titles(),
            chosenLens: BridgeLens::Boxes->value,
        );
    }
}
