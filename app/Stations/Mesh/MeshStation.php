<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\MeshReading;
use App\Models\Snag;
use App\Plan\Lens;
use App\Radio\JudgedReading;
use App\Radio\MeasuredMesh;
use App\Radio\MeshLinks;
use App\Radio\ReadingHistory;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use Closure;
use Kavvel\Core\Mesh\Finding;
use Kavvel\Core\Mesh\NodeJudgement;

/** What the last mesh reading says: links over the plan, what is thin or lost, and where one relay would help. */
final readonly class MeshStation implements Station
{
    public function __construct(private Relays $relays, private Proposals $proposals) {}

    public function number(): int
    {
        return 5;
    }

    public function title(): string
    {
        return 'Mesh';
    }

    public function progress(JobSheet $sheet, JobCounts $counts): Progress
    {
        $radios = RadioLens::all($sheet, $counts);
        $sum = static fn (string $what): int => array_sum(array_column($radios, $what));
        $stale = array_filter($radios, static fn (RadioLens $one): bool => $one->age?->isStale() === true);
        $unread = array_filter($radios, static fn (RadioLens $one): bool => $one->isUnread());
        $open = $sum('thin') + $sum('lost');
        $judged = $sum('accepted') + $open;

        return new Progress($judged === 0 ? 0.0 : $sum('accepted') / $judged, $open + count($stale), match (true) {
            $counts->radios === [] => 'not read yet',
            $stale !== [] => 'read again',
            default => implode(', ', array_filter([
                $sum('thin') > 0 ? "{$sum('thin')}\u{a0}thin" : '',
                $sum('lost') > 0 ? "{$sum('lost')}\u{a0}lost" : '',
                $unread === [] ? '' : count($unread)."\u{a0}to read",
            ])),
        });
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        if ($asked->show === HouseMove::SHOW && $sheet->hubs !== []) {
            return HouseMove::of($sheet);
        }
        $radios = RadioLens::all($sheet, $counts);
        $newest = MeshReading::query()->where('site_job_id', $sheet->job->id)->latest('id')->first();
        $running = in_array($newest?->state, MeshReading::UNDER_WAY, true) ? $newest : null;
        $radio = $radios[$asked->lens ?? $running?->protocol->value ?? ''] ?? RadioLens::first($radios);
        $last = $radio === null ? null : MeshReading::lastOf($sheet->job)->get($radio->protocol->value);
        $failed = $newest?->state === 'failed' && $newest->protocol === $radio?->protocol ? $newest : null;
        $data = ['radio' => $radio, 'running' => $running, 'failed' => $failed, 'waits' => $radio?->hub?->silentSince() !== null];
        $lenses = count($radios) < 2 ? [] : array_map(static fn (RadioLens $one): string => $one->protocol->title(), $radios);
        $judged = $asked->show === WhatIfMove::SHOW && $radio?->isTried() === true ? JudgedReading::of($sheet, $radio->protocol) : null;
        if ($judged !== null) {
            return WhatIfMove::of($sheet, $judged, $asked, $lenses, $this->proposals->open($sheet, $judged));
        }
        [$view, $more, $lens, $legend, $slot] = match (true) {
            $radio === null || $last === null => $this->first($radio),
            $radio->age?->isStale() === true => $this->stale($sheet, $radio, $last),
            default => $this->judged($sheet, $radio, $last, array_filter($radios, static fn (RadioLens $one): bool => $one->isOpen())),
        };

        return new Move(
            $view,
            static fn (): array => [...$data, ...$more()],
            $lens,
            $legend,
            $slot,
            isLive: $running !== null || $last?->more_due === true,
            lenses: $lenses,
            chosenLens: $radio?->protocol->value,
        );
    }

    /** @return array{string, Closure(): array<string, mixed>, Lens, Legend, null} */
    private function first(?RadioLens $radio): array
    {
        $lens = new Lens(only: $radio === null ? null : [$radio->protocol]);

        return ['mesh.first', static fn (): array => [], $lens, new Legend('not read yet'), null];
    }

    /** @return array{string, Closure(): array<string, mixed>, Lens, Legend, null} */
    private function stale(JobSheet $sheet, RadioLens $radio, MeshReading $last): array
    {
        return [
            'mesh.stale',
            static fn (): array => ['age' => $radio->age],
            $this->lens($sheet, MeasuredMesh::of($sheet, $last), $last),
            new Legend($this->readAt($last).', before the last changes'),
            null,
        ];
    }

    /**
     * @param  array<string, RadioLens>  $open
     * @return array{string, Closure(): array<string, mixed>, Lens, Legend, string|null}
     */
    private function judged(JobSheet $sheet, RadioLens $radio, MeshReading $last, array $open): array
    {
        $mesh = MeasuredMesh::of($sheet, $last);
        $worst = $mesh->report->unaccepted($this->vital($sheet))[0] ?? null;
        $others = array_diff_key($open, [$radio->protocol->value => true]);

        return [
            'mesh.move',
            fn (): array => [...$this->card($sheet, $mesh, $last, $worst), 'nextRadio' => array_values($others)[0] ?? null],
            $this->lens($sheet, $mesh, $last),
            new Legend($this->readAt($last)),
            $worst?->id,
        ];
    }

    private function lens(JobSheet $sheet, MeasuredMesh $mesh, MeshReading $reading): Lens
    {
        return new Lens(MeshLinks::of($sheet, $mesh, $reading), only: [$reading->protocol]);
    }

    private function readAt(MeshReading $reading): string
    {
        return 'read '.$reading->ended_at?->onSite()->format('j M, H:i');
    }

    /** @return array<string, mixed> */
    private function card(JobSheet $sheet, MeasuredMesh $mesh, MeshReading $reading, ?NodeJudgement $worst): array
    {
        return [
            'reading' => $reading,
            'report' => $mesh->report,
            'findings' => Finding::all($mesh->report, $this->vital($sheet)),
            'routes' => $mesh->routes($sheet, $reading),
            'links' => count($mesh->graph->links),
            'history' => ReadingHistory::of($sheet, $reading, $mesh),
            'kept' => $this->proposals->kept($sheet->job, $reading),
            'asleep' => array_filter(array_map($sheet->card(...), $mesh->asleep)),
            'open' => $mesh->report->unaccepted($this->vital($sheet)),
            'worst' => $worst === null ? null : $sheet->card($worst->id),
            'judgement' => $worst,
            'withSnag' => Snag::query()
                ->where('site_job_id', $sheet->job->id)
                ->where('state', 'open')
                ->whereNotNull('slot_id')
                ->pluck('slot_id')
                ->all(),
            'remedies' => $this->relays->advise($sheet, $mesh, $reading),
            'title' => static fn (string $key): string => $sheet->card($key)?->slot->title()
                ?? ($key === MeasuredMesh::ROOT ? 'hub' : $key),
            'unmatched' => array_filter($mesh->report->nodes, static fn (NodeJudgement $node): bool => $sheet->card($node->id) === null),
        ];
    }

    /** @return list<string> locks, smoke and leak devices: they must not fail */
    private function vital(JobSheet $sheet): array
    {
        return array_map(strval(...), array_keys(array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->profile->vital)));
    }
}
