<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\MeshReading;
use App\Models\Snag;
use App\Plan\Lens;
use App\Plan\LensLink;
use App\Radio\MeasuredMesh;
use App\Stations\Move;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\NodeJudgement;

/** What the last survey says: links over the plan, what is thin or lost, and where one relay would help. */
final readonly class MeshStation
{
    private const PROTOCOL = 'zigbee';

    public function __construct(private Relays $relays) {}

    public function move(JobSheet $sheet): Move
    {
        $newest = MeshReading::query()->where('site_job_id', $sheet->job->id)->latest('id')->first();
        $running = in_array($newest?->state, ['asked', 'running', 'reading'], true) ? $newest : null;
        $failed = $newest?->state === 'failed' ? $newest : null;
        $last = $newest?->state === 'done' ? $newest : MeshReading::query()->where('site_job_id', $sheet->job->id)->where('state', 'done')->latest('id')->first();
        $only = [self::PROTOCOL];
        if ($last === null) {
            return new Move(
                'mesh.first',
                fn (): array => ['running' => $running, 'failed' => $failed, 'in' => $this->countMembers($sheet)],
                new Lens(only: $only),
                isLive: $running !== null,
                note: 'no survey yet',
            );
        }
        $mesh = MeasuredMesh::of($sheet, $last);
        $open = $mesh->report->unaccepted(array_keys(array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->profile->vital)));
        $worst = $open[0] ?? null;

        return new Move(
            'mesh.move',
            fn (): array => [
                'running' => $running,
                'failed' => $failed,
                'survey' => $last,
                'report' => $mesh->report,
                'links' => count($mesh->graph->links),
                'open' => $open,
                'worst' => $worst === null ? null : $sheet->card($worst->id),
                'judgement' => $worst,
                'withSnag' => Snag::query()->where('site_job_id', $sheet->job->id)->where('state', 'open')->whereNotNull('slot_id')->pluck('slot_id')->all(),
                'remedies' => $this->relays->advise($sheet, $mesh, $last),
                'title' => static fn (string $key): string => $sheet->card($key)?->slot->title() ?? ($key === MeasuredMesh::ROOT ? 'gateway' : $key),
                'unmatched' => array_filter($mesh->report->nodes, static fn (NodeJudgement $node): bool => $sheet->card($node->id) === null),
            ],
            new Lens($this->links($sheet, $mesh), only: $only),
            $worst?->id,
            isLive: $running !== null,
            note: 'survey of '.$last->ended_at?->onSite()->format('j M, H:i'),
        );
    }

    /** @return list<LensLink> chosen paths, and the best that a lost device has */
    private function links(JobSheet $sheet, MeasuredMesh $mesh): array
    {
        $links = [];
        foreach ($mesh->report->nodes as $node) {
            $link = $node->isReachable() ? $this->linkBetween($mesh->graph, $node->id, $node->path[1]) : $this->best($mesh->graph, $node->id);
            if ($link !== null && $sheet->card($node->id) !== null) {
                $other = $link->a === $node->id ? $link->b : $link->a;
                $links[] = LensLink::measured($node->id, $other === MeasuredMesh::ROOT ? LensLink::GATEWAY : $other, $link->worseDb(), $sheet->job->acceptance_db);
            }
        }

        return $links;
    }

    private function linkBetween(Graph $graph, string $a, string $b): ?Link
    {
        foreach ($graph->linksOf($a) as $link) {
            if ($link->a === $b || $link->b === $b) {
                return $link;
            }
        }

        return null;
    }

    private function best(Graph $graph, string $id): ?Link
    {
        $links = $graph->linksOf($id);
        usort($links, static fn (Link $a, Link $b): int => $b->worseDb() <=> $a->worseDb());

        return $links[0] ?? null;
    }

    private function countMembers(JobSheet $sheet): int
    {
        return count(array_filter($sheet->ofProtocol(self::PROTOCOL), static fn (SlotCard $card): bool => $card->node !== null && $card->node->state !== 'left'));
    }
}
