<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\Models\RadioSurvey;
use App\Plan\Lens;
use App\Plan\LensLink;
use App\Stations\JobSheet;
use App\Stations\Move;
use App\Stations\SlotCard;
use App\Stations\Survey\Forecasts;
use Illuminate\Support\Facades\Cache;
use Kavvel\Core\Mesh\Graph;
use Kavvel\Core\Mesh\Link;
use Kavvel\Core\Mesh\MeshReport;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Mesh\RelayAdvice;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Mesh\Verdict;
use Kavvel\Core\Radio\RadioEnd;
use Kavvel\Core\Radio\RadioPlan;
use Kavvel\Core\Radio\Transceiver;
use LogicException;

/** What the last survey says: links over the plan, what is thin or lost, and where one relay would help. */
final readonly class MeshStation
{
    private const PROTOCOL = 'zigbee';

    public function __construct(private Forecasts $forecasts) {}

    public function move(JobSheet $sheet): Move
    {
        $newest = RadioSurvey::query()->where('site_job_id', $sheet->job->id)->latest('id')->first();
        $running = in_array($newest?->state, ['asked', 'running', 'reading'], true) ? $newest : null;
        $failed = $newest?->state === 'failed' ? $newest : null;
        $last = $newest?->state === 'done' ? $newest : RadioSurvey::query()->where('site_job_id', $sheet->job->id)->where('state', 'done')->latest('id')->first();
        $only = [self::PROTOCOL];
        if ($last === null) {
            return new Move(
                'mesh.first',
                fn (): array => ['running' => $running, 'failed' => $failed, 'in' => count($this->members($sheet))],
                new Lens(only: $only),
                isLive: $running !== null,
                note: 'no survey yet',
            );
        }
        $mesh = SurveyedMesh::of($sheet, $last->load('links'));
        $worst = $this->worst($mesh->report);

        return new Move(
            'mesh.move',
            fn (): array => [
                'running' => $running,
                'failed' => $failed,
                'survey' => $last,
                'report' => $mesh->report,
                'worst' => $worst === null ? null : $sheet->card($worst->id),
                'judgement' => $worst,
                'advice' => $worst === null ? null : $this->advice($sheet, $mesh, $worst, $last->id),
                'title' => static fn (string $key): string => $sheet->card($key)?->slot->title() ?? ($key === SurveyedMesh::ROOT ? 'gateway' : $key),
                'unmatched' => array_filter($mesh->report->nodes, static fn (NodeJudgement $node): bool => $sheet->card($node->id) === null),
            ],
            new Lens($this->links($sheet, $mesh), only: $only),
            $worst?->id,
            isLive: $running !== null,
            note: 'survey of '.$last->ended_at?->format('j M, H:i'),
        );
    }

    /** The device that is worst off: lost before thin, safety devices first, then the weakest. */
    private function worst(MeshReport $report): ?NodeJudgement
    {
        $open = [...$report->with(Verdict::Lost), ...$report->with(Verdict::Thin)];
        usort($open, static fn (NodeJudgement $a, NodeJudgement $b): int => ($b->verdict === Verdict::Lost) <=> ($a->verdict === Verdict::Lost)
            ?: ($a->weakestDb ?? -99) <=> ($b->weakestDb ?? -99) ?: strcmp($a->id, $b->id));

        return $open[0] ?? null;
    }

    /** @return list<LensLink> chosen paths, and the best that a lost device has */
    private function links(JobSheet $sheet, SurveyedMesh $mesh): array
    {
        $links = [];
        foreach ($mesh->report->nodes as $node) {
            $link = $node->isReachable() ? $this->linkBetween($mesh->graph, $node->id, $node->path[1]) : $this->best($mesh->graph, $node->id);
            if ($link !== null && $sheet->card($node->id) !== null) {
                $other = $link->a === $node->id ? $link->b : $link->a;
                $links[] = LensLink::measured($node->id, $other === SurveyedMesh::ROOT ? LensLink::GATEWAY : $other, $link->worseDb(), $sheet->job->acceptance_db);
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

    /** @return array{point: string, room: string, storey: string, purpose: string, distanceM: float, gains: list<string>, nowThin: int, nowLost: int, thenThin: int, thenLost: int}|null */
    private function advice(JobSheet $sheet, SurveyedMesh $mesh, NodeJudgement $worst, int $surveyId): ?array
    {
        $key = "advice.{$surveyId}.{$sheet->job->plan_version}.{$worst->id}.".count($mesh->graph->nodes);

        return Cache::remember($key, 3600, function () use ($sheet, $mesh, $worst): ?array {
            $device = $sheet->card($worst->id)?->radioEnd();
            $radio = Transceiver::of(self::PROTOCOL);
            if ($device === null || $radio === null) {
                return null;
            }
            $root = $this->forecasts->gatewayEnd($sheet, $radio);
            $members = [new RadioEnd(SurveyedMesh::ROOT, $root->position, $radio, 0.0, Role::Root)];
            foreach ($this->members($sheet) as $card) {
                $members[] = $card->radioEnd() ?? throw new LogicException('A member of a mesh has a radio.');
            }
            $plan = new RadioPlan($sheet->geometry->building(), $sheet->clutter());
            $advice = RelayAdvice::for($device, FreeMains::places($sheet, $radio), $members, $mesh->graph, $plan, $sheet->job->acceptance_db);

            return $advice === null ? null : FreeMains::describe($sheet, $advice);
        });
    }

    /** @return list<SlotCard> */
    private function members(JobSheet $sheet): array
    {
        return array_values(array_filter($sheet->ofProtocol(self::PROTOCOL), static fn (SlotCard $card): bool => $card->node !== null && $card->node->state !== 'left'));
    }
}
