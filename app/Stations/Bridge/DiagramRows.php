<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use Kavvel\Core\Bridging\BridgePlan;
use Kavvel\Core\Bridging\Loss;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\Wrapper;

/** The devices that are wanted somewhere, those that go alike together, boxes with many of them first. */
final readonly class DiagramRows
{
    /** @return list<DiagramRow> */
    public static function of(JobBridging $bridging, BridgePlan $plan): array
    {
        $paths = $without = [];
        foreach ($plan->paths as $path) {
            $paths[' '.Wrapper::rawOf($path->want->device)][] = $path;
        }
        foreach ($bridging->household->wants() as $want) {
            $device = ' '.Wrapper::rawOf($want->device);
            $own = $paths[$device] ?? [];
            $without[$device] ??= [];
            if (array_filter($own, static fn (Path $one): bool => $one->want->ecosystem === $want->ecosystem) === []) {
                $without[$device][] = $want->ecosystem;
            }
        }
        $groups = [];
        foreach ($without as $device => $none) {
            $card = $bridging->sheet->card(substr($device, 1));
            if ($card !== null) {
                $own = $paths[$device] ?? [];
                $kind = serialize([$card->tag(), DiagramRow::state($card), array_map(self::kind(...), $own), $none]);
                $groups[$kind][] = [$card, $own, $none];
            }
        }
        $rows = [];
        foreach ($groups as $kind => $alike) {
            $rows[] = new DiagramRow(substr(hash('xxh128', $kind), 0, 10), array_column($alike, 0), $alike[0][1], $alike[0][2]);
        }

        return self::inOrder($rows);
    }

    /** @return list<mixed> */
    private static function kind(Path $path): array
    {
        return [
            $path->want->ecosystem, $path->way->via(), $path->way->form, $path->isMet(), Wrapper::isOne($path->want->device),
            array_map(static fn (Loss $loss): array => [$loss->capability, $loss->at], $path->losses()),
        ];
    }

    /**
     * @param  list<DiagramRow>  $rows
     * @return list<DiagramRow>
     */
    private static function inOrder(array $rows): array
    {
        $sizes = array_count_values(array_map(static fn (DiagramRow $row): string => ' '.$row->firstBox(), $rows));
        $order = static fn (DiagramRow $row): array => [
            $row->firstBox() === null ? 1 : 0, -$sizes[' '.$row->firstBox()], (string) $row->firstBox(),
            implode(' ', array_map(static fn (Path $path): string => $path->want->ecosystem, $row->paths)), $row->title(),
        ];
        usort($rows, static fn (DiagramRow $a, DiagramRow $b): int => $order($a) <=> $order($b));

        return $rows;
    }
}
