<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Radio\FreeMainsPoints;
use App\Radio\JudgedReading;
use App\Radio\MeasuredMesh;
use App\Radio\MeshLinks;
use App\Radio\ReadOnPlan;
use App\Radio\TriedChange;
use App\Radio\WhatIf;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Move;
use Kavvel\Core\Floorplan\Construction;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Site\WallSegment;

/** A mesh as it would be: without a router, with one more, with its hub elsewhere, or with a wall built otherwise. */
final readonly class WhatIfMove
{
    /** What was asked for by this word */
    public const SHOW = 'what-if';

    /** What a wall may be built as instead */
    private const WALLS = [Construction::Open, Construction::Stud, Construction::Glazing, Construction::FoilStud, Construction::Brick];

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
                'choices' => self::choices($sheet, $one, $places),
                'walls' => array_column($sheet->geometry->walls, 'label', 'key'),
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
        $placed = array_filter($tried->changes, static fn (TriedChange $change): bool => in_array($change->kind, ['relay', 'hub'], true));
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
    private static function choices(JobSheet $sheet, JudgedReading $one, array $places): array
    {
        $choices = ['Switch off' => [], 'Add a relay at' => [], 'Move the hub to' => []];
        foreach ($one->mesh->graph->nodes as $node) {
            $card = $node->role === Role::Router ? $sheet->card($node->id) : null;
            if ($card !== null) {
                $choices['Switch off']["off:{$node->id}"] = $card->fullTitle();
            }
        }
        foreach ($places as $key => $where) {
            $choices['Add a relay at']["relay:{$key}"] = $choices['Move the hub to']["hub:{$key}"] = ucfirst($where);
        }

        foreach (self::wallsInTheWay($sheet, $one) as $key => $label) {
            foreach (self::WALLS as $as) {
                $choices['Rebuild a wall']["wall:{$key}={$as->value}"] = ucfirst($label).': '.lcfirst($as->words());
            }
        }

        return array_filter($choices);
    }

    /** @return array<string, string> walls that stand in the way of a link under acceptance, labels by key */
    private static function wallsInTheWay(JobSheet $sheet, JudgedReading $one): array
    {
        $building = $sheet->geometry->building();
        $ends = ReadOnPlan::ends($sheet, $one);
        $labels = [];
        foreach ($one->mesh->graph->links as $link) {
            [$a, $b] = [$ends[$link->a] ?? null, $ends[$link->b] ?? null];
            if ($a !== null && $b !== null && $link->worseDb() < $one->mesh->acceptedFromDb) {
                foreach ($building->crossings($a->position, $b->position) as $crossing) {
                    $labels[$crossing->part instanceof WallSegment ? $crossing->part->label : ''] = true;
                }
            }
        }
        unset($labels['']);
        $walls = array_filter($sheet->geometry->walls, static fn (array $wall): bool => isset($labels[$wall['label']]));

        return array_column($walls, 'label', 'key');
    }
}
