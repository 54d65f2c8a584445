<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use Kavvel\Core\Catalogue\FitSheet;
use Kavvel\Core\Catalogue\Terminal;
use Kavvel\Core\Fit\Wire;

/** The conductors of a box on the left, and on the right where each goes: terminals of the device, connectors, caps, earth. */
final readonly class WireDrawing
{
    private const ROW = 64;

    private const TOP = 40;

    /**
     * @param  list<array{wire: Wire, y: int, to: int|null}>  $wires
     * @param  list<array{mark: string, words: string, y: int, isPlace: bool, isUsed: bool}>  $ends
     * @param  list<array{from: int, to: int}>  $links  from a connector to a terminal of the device
     */
    private function __construct(public array $wires, public array $ends, public array $links, public int $height) {}

    /** @param list<Wire> $wires */
    public static function of(array $wires, FitSheet $sheet): self
    {
        $used = array_map(static fn (Wire $wire): ?string => $wire->goesTo, $wires);
        $ends = [];
        foreach ($sheet->terminals as $terminal) {
            $ends[] = [
                'mark' => $terminal->mark, 'words' => $terminal->takes->words(), 'isPlace' => false,
                'isUsed' => in_array($terminal->mark, $used, true), 'y' => self::y(count($ends)),
            ];
        }
        foreach (Wire::PLACES as $place) {
            if (in_array($place, $used, true)) {
                $ends[] = ['mark' => $place, 'words' => '', 'isPlace' => true, 'isUsed' => true, 'y' => self::y(count($ends))];
            }
        }
        $at = array_column($ends, 'y', 'mark');
        $rows = [];
        foreach ($wires as $number => $wire) {
            $rows[] = ['wire' => $wire, 'y' => self::y($number), 'to' => $wire->goesTo === null ? null : $at[$wire->goesTo] ?? null];
        }

        return new self($rows, $ends, self::links($wires, $sheet->terminals, $at), self::y(max(count($rows), count($ends), 1)));
    }

    /**
     * @param  list<Wire>  $wires
     * @param  list<Terminal>  $terminals
     * @param  array<string, int>  $at
     * @return list<array{from: int, to: int}>
     */
    private static function links(array $wires, array $terminals, array $at): array
    {
        $used = array_map(static fn (Wire $wire): ?string => $wire->goesTo, $wires);
        $links = [];
        foreach ($terminals as $terminal) {
            $isJoined = array_filter(
                $wires,
                static fn (Wire $wire): bool => $wire->goesTo === Wire::CONNECTOR && $wire->role === $terminal->takes,
            ) !== [];
            if ($isJoined && ! in_array($terminal->mark, $used, true)) {
                $links[] = ['from' => $at[Wire::CONNECTOR], 'to' => $at[$terminal->mark]];
            }
        }

        return $links;
    }

    private static function y(int $row): int
    {
        return self::TOP + $row * self::ROW;
    }
}
