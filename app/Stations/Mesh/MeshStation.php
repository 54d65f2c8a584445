<?php

declare(strict_types=1);

namespace App\Stations\Mesh;

use App\JobSheet\Hub;
use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\MeshReading;
use App\Models\Snag;
use App\Plan\Lens;
use App\Radio\MeasuredMesh;
use App\Radio\MeshLinks;
use App\Radio\MeshMembers;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use Kavvel\Core\Mesh\NodeJudgement;
use Kavvel\Core\Protocol\Protocol;

/** What the last mesh reading says: links over the plan, what is thin or lost, and where one relay would help. */
final readonly class MeshStation implements Station
{
    public function __construct(private Relays $relays) {}

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
        $open = $counts->thin + $counts->lost;
        $judged = $counts->accepted + $open;
        $protocol = Protocol::tryFrom((string) $counts->readProtocol);
        $isStale = $protocol !== null && MeshMembers::age($counts->readMembers, $sheet, $protocol)->isStale();

        return new Progress($judged === 0 ? 0.0 : $counts->accepted / $judged, $open + ($isStale ? 1 : 0), match (true) {
            ! $counts->isRead => 'not read yet',
            $isStale => 'read again',
            default => implode(', ', array_filter([
                $counts->thin > 0 ? "{$counts->thin}\u{a0}thin" : '',
                $counts->lost > 0 ? "{$counts->lost}\u{a0}lost" : '',
            ])),
        });
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        $newest = MeshReading::query()->where('site_job_id', $sheet->job->id)->latest('id')->first();
        $running = in_array($newest?->state, MeshReading::UNDER_WAY, true) ? $newest : null;
        $failed = $newest?->state === 'failed' ? $newest : null;
        $last = $newest?->state === 'done'
            ? $newest
            : MeshReading::query()->where('site_job_id', $sheet->job->id)->where('state', 'done')->latest('id')->first();
        $progress = ['running' => $running, 'failed' => $failed, 'waits' => $this->hubToAsk($sheet)?->silentSince() !== null];
        if ($last === null) {
            return $this->first($sheet, $progress);
        }
        $age = MeshMembers::age($last->members, $sheet, $last->protocol);
        $mesh = MeasuredMesh::of($sheet, $last);
        $lens = new Lens(MeshLinks::of($sheet, $mesh, $last), only: [$last->protocol]);
        $legend = new Legend('read '.$last->ended_at?->onSite()->format('j M, H:i').($age->isStale() ? ', before the last changes' : ''));
        if ($age->isStale()) {
            return new Move(
                'mesh.stale',
                static fn (): array => [...$progress, 'age' => $age],
                $lens,
                $legend,
                isLive: $running !== null,
            );
        }
        $worst = $mesh->report->unaccepted($this->vital($sheet))[0] ?? null;

        return new Move(
            'mesh.move',
            fn (): array => [...$progress, ...$this->card($sheet, $mesh, $last, $worst)],
            $lens,
            $legend,
            $worst?->id,
            isLive: $running !== null,
        );
    }

    /** @param array{running: MeshReading|null, failed: MeshReading|null, waits: bool} $progress */
    private function first(JobSheet $sheet, array $progress): Move
    {
        $protocol = $this->readable($this->hubToAsk($sheet));
        $in = $protocol === null ? [] : array_filter($sheet->ofProtocol($protocol), static fn (SlotCard $card): bool => $card->isIn());

        return new Move(
            'mesh.first',
            static fn (): array => [...$progress, 'protocol' => $protocol, 'in' => count($in)],
            new Lens(only: $protocol === null ? null : [$protocol]),
            new Legend('not read yet'),
            isLive: $progress['running'] !== null,
        );
    }

    /** @return array<string, mixed> */
    private function card(JobSheet $sheet, MeasuredMesh $mesh, MeshReading $reading, ?NodeJudgement $worst): array
    {
        return [
            'reading' => $reading,
            'report' => $mesh->report,
            'links' => count($mesh->graph->links),
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

    /** The first linked hub that can be asked about the first mesh. */
    private function hubToAsk(JobSheet $sheet): ?Hub
    {
        foreach (Protocol::meshes() as $protocol) {
            foreach ($sheet->linkedHubs() as $hub) {
                if ($hub->opens($protocol)) {
                    return $hub;
                }
            }
        }

        return null;
    }

    private function readable(?Hub $hub): ?Protocol
    {
        foreach (Protocol::meshes() as $protocol) {
            if ($hub?->opens($protocol) === true) {
                return $protocol;
            }
        }

        return null;
    }
}
