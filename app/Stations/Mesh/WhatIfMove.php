<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Radio\FreeMainsPoints;
use App\Radio\JudgedReading;
use App\Radio\MeasuredMesh;
use App\Radio\MeshLinks;
use App\Radio\TriedChange;
use App\Radio\WhatIf;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Move;
use Kavvel\Core\Mesh\Role;

/** A mesh as it would be: without a router, with one more, or with its hub elsewhere. */
final readonly class WhatIfMove
{
    /** What was asked for by this word */
    public const SHOW = 'what-if';

    /**
     * @param  array<string, string>  $lenses  titles of the radios by word
     * @param  list<Proposal>  $proposals  that are open
     */
    public static function of(JobSheet $sheet, JudgedReading $one, Asked $asked, array $lenses, array $proposals): Move
    {
        $tried = WhatIf::of($sheet, $one, TriedChange::all($asked->at));
        $places = FreeMainsPoints::words($sheet);
        $title = static fn (string $key): string => match (true) {
            $key === MeasuredMesh::ROOT => 'hub',
            str_starts_with($key, FreeMainsPoints::PREFIX) => 'relay at the '
                .($places[substr($key, strlen(FreeMainsPoints::PREFIX))] ?? $key),
            default => $sheet->card($key)?->slot->title() ?? $key,
        };

        return new Move(
            'mesh.what-if',
            static fn (): array => [
                'tried' => $tried,
                'proposals' => $proposals,
                'title' => $title,
                'places' => $places,
                'choices' => self::choices($sheet, $one->mesh, $places),
                'protocol' => $one->reading->protocol,
                'words' => implode(' ', array_map(static fn (TriedChange $change): string => $change->word(), $tried->changes)),
            ],
            new Lens(
                MeshLinks::of($sheet, $tried->then, $one->reading),
                only: [$one->reading->protocol],
                touched: self::mark($sheet, $tried, $asked->storey ?? $sheet->hubs[0]->storey ?? ''),
            ),
            new Legend($tried->changes === [] ? 'as it was read' : 'as it would be'),
            lenses: $lenses,
            chosenLens: $one->reading->protocol->value,
        );
    }

    /** @return array{float, float}|null where the last thing that is new or moved would stand, if that is on the storey that is drawn */
    private static function mark(JobSheet $sheet, WhatIf $tried, string $storey): ?array
    {
        $placed = array_filter($tried->changes, static fn (TriedChange $change): bool => $change->kind !== 'off');
        $key = array_values(array_reverse($placed))[0]->key ?? null;
        foreach ($sheet->geometry->points as $point) {
            if ($point['key'] === $key && $sheet->geometry->rooms[$point['room']]['storey'] === $storey) {
                return [$point['x'], $point['y']];
            }
        }

        return null;
    }

    /**
     * @param  array<string, string>  $places
     * @return array<string, array<string, string>> what can be tried, by the words of the change
     */
    private static function choices(JobSheet $sheet, MeasuredMesh $mesh, array $places): array
    {
        $choices = ['Switch off' => [], 'Add a relay at' => [], 'Move the hub to' => []];
        foreach ($mesh->graph->nodes as $node) {
            $card = $node->role === Role::Router ? $sheet->card($node->id) : null;
            if ($card !== null) {
                $choices['Switch off']["off:{$node->id}"] = $card->fullTitle();
            }
        }
        foreach ($places as $key => $where) {
            $choices['Add a relay at']["relay:{$key}"] = $choices['Move the hub to']["hub:{$key}"] = ucfirst($where);
        }

        return array_filter($choices);
    }
}
