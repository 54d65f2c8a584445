<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\Models\MeshReading;
use App\Plan\LensLink;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;

/** What of a measured mesh is drawn: chosen paths, and the best link that a lost device has. */
final readonly class MeshLinks
{
    /** @return list<LensLink> */
    public static function of(JobSheet $sheet, MeasuredMesh $mesh, MeshReading $reading): array
    {
        $root = LensLink::hub($sheet->hub($reading->gateway_id)?->key() ?? '');
        $links = [];
        foreach ($mesh->report->nodes as $node) {
            $link = $node->isReachable() ? self::between($mesh->graph, $node->id, $node->path[1]) : self::best($mesh, $node->id);
            $isRadio = $reading->protocol->rules()->routes() !== null || ! $mesh->relays($node->id);
            $other = $link === null ? '' : ($link->a === $node->id ? $link->b : $link->a);
            $isDrawn = $sheet->card($node->id) !== null && ($other === MeasuredMesh::ROOT || $sheet->card($other) !== null);
            if ($link !== null && $isRadio && $isDrawn) {
                $to = $other === MeasuredMesh::ROOT ? $root : $other;
                $links[] = LensLink::measured($node->id, $to, $link->worseDb(), $mesh->acceptedFromDb);
            }
        }

        return $links;
    }

    private static function between(Graph $graph, string $a, string $b): ?Link
    {
        foreach ($graph->linksOf($a) as $link) {
            if ($link->a === $b || $link->b === $b) {
                return $link;
            }
        }

        return null;
    }

    /** To somebody who could hand on what it says. */
    private static function best(MeasuredMesh $mesh, string $id): ?Link
    {
        $links = array_values(array_filter(
            $mesh->graph->linksOf($id),
            static fn (Link $link): bool => $mesh->relays($link->a === $id ? $link->b : $link->a),
        ));
        usort($links, static fn (Link $a, Link $b): int => $b->worseDb() <=> $a->worseDb());

        return $links[0] ?? null;
    }
}
