<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\Models\BridgeLink;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Middle;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use Kavvel\Core\Bridging\BridgeStepKind;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\Migration;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\Policy;

/** How the wants of the client reach their ecosystems: by which paths, over which boxes, and what is lost on the way. */
final readonly class BridgeStation implements Station
{
    public function number(): int
    {
        return 6;
    }

    public function title(): string
    {
        return 'Bridge';
    }

    public function progress(JobSheet $sheet, JobCounts $counts): Progress
    {
        $bridging = JobBridging::of($sheet);
        if ($bridging->trouble !== null) {
            return new Progress(0.0, 1, 'too many boxes');
        }
        $wants = count($bridging->household->wants());
        $open = count($bridging->open());
        $links = $bridging->links();
        $made = count(array_filter($links, static fn (LinkAtHand $one): bool => $one->run->isMade()));
        $toMake = count($links) - $made;
        $toProve = count($bridging->plan()->paths) - $bridging->countProved();

        $isBare = $wants === 0 && $open === 0 && $sheet->cards !== [];

        return new Progress($wants === 0 ? (float) $isBare : $bridging->countProved() / $wants, $open + $toMake + $toProve, match (true) {
            $open > 0 => "{$open} to settle",
            $toMake > 0 => "{$toMake} to link",
            $toProve > 0 => "{$toProve} to prove",
            default => '',
        });
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        $bridging = JobBridging::of($sheet);
        $lens = BridgeLens::tryFrom((string) $asked->lens) ?? BridgeLens::Paths;

        return match (true) {
            $lens === BridgeLens::Boxes => BoxesMove::of($bridging, $asked),
            $bridging->trouble !== null => $this->trouble($bridging),
            $lens === BridgeLens::Names => NamesGridMove::of($bridging, $asked),
            $lens === BridgeLens::Outage && $bridging->plan()->paths !== [] => OutageMove::of($bridging, $asked),
            default => $this->paths($bridging, $asked, $lens),
        };
    }

    private function paths(JobBridging $bridging, Asked $asked, BridgeLens $lens): Move
    {
        $policy = Policy::tryFrom((string) $asked->show) ?? $bridging->policy();
        $plan = $bridging->plan($policy);
        $diagram = Diagram::of($bridging, $plan);
        $chosen = $diagram->row((string) preg_replace('/^row /', '', (string) $asked->at));
        $step = $bridging->step();
        $picked = $this->picked($bridging, $asked);
        $next = $step->kind === BridgeStepKind::Settled ? $picked ?? LinkAtHand::next(array_values($bridging->links())) : null;
        $isFree = $picked === null && $next?->run->isBegun() !== true;
        $showings = Showings::of($bridging);
        $after = $step->kind === BridgeStepKind::Settled && $isFree ? AfterLinking::of($bridging, $showings) : null;
        $proving = $step->kind === BridgeStepKind::Settled && $isFree ? $bridging->toProve() : null;
        $migrating = $this->migrating($bridging, $asked, $step->kind === BridgeStepKind::Settled && $isFree);
        $window = $next?->run->windowUntil();
        $crossing = CrossingShown::of($bridging, $asked->at);
        $row = $next === null ? null : $bridging->begun($next->link->key());
        $isWaiting = $row?->asked_act !== null && $row->asked_at?->diffInSeconds(now()) < DoAct::PATIENCE;
        $data = [
            'place' => $next === null ? null : ActPlace::of($bridging, $next), 'isWaiting' => $isWaiting,
            'exported' => $next === null ? [] : $showings->exported($next), 'after' => $after, 'migrating' => $migrating,
            'crossing' => $crossing,
            'next' => $next, 'proving' => $proving, 'window' => $window,
            'row' => $row,
            'bridging' => $bridging, 'plan' => $plan, 'policy' => $policy, 'diagram' => $diagram, 'chosen' => $chosen,
            'step' => $step,
        ];

        return new Move(
            match (true) {
                $crossing !== null => 'bridge.crossing',
                $chosen !== null => 'bridge.row',
                $policy !== $bridging->policy() || $asked->at === 'policies' => 'bridge.policies',
                $migrating !== null => 'bridge.migration',
                $after !== null => 'bridge.after',
                $proving !== null => 'bridge.prove',
                $next !== null => 'bridge.link',
                default => 'bridge.move',
            },
            static fn (): array => $data,
            new Lens(
                labels: $this->labels($bridging, $plan->paths),
                keys: array_map(static fn (Path $path): string => $path->want->device, $plan->paths),
            ),
            new Legend('under each device: where it shows'),
            middle: $lens === BridgeLens::Plan ? null : new Middle(
                'bridge.paths',
                static fn (): array => $data,
                hash('xxh128', serialize([$policy, $diagram, $bridging->figures, $asked->at])),
                $bridging->sheet->geometry->storeys[0]['key'],
                [],
                'bridge.list',
            ),
            isLive: $window !== null || $isWaiting || $after?->isWaiting() === true || $crossing?->isUnderWay() === true,
            lenses: BridgeLens::titles(),
            chosenLens: $lens->value,
            // The code of a window stands on the card: it is kept nowhere.
            isOwn: $window !== null,
        );
    }

    /** A link that somebody goes on with instead of the one that is proposed. */
    private function picked(JobBridging $bridging, Asked $asked): ?LinkAtHand
    {
        $isPicked = preg_match('/^link (.+)$/', (string) $asked->at, $found) === 1;
        $link = $isPicked ? $bridging->links()[$found[1]] ?? null : null;

        return $link?->run->isMade() === false ? $link : null;
    }

    /**
     * An old path that somebody looks at, or the first that has work of its own.
     *
     * @return array{BridgeLink, Migration}|null
     */
    private function migrating(JobBridging $bridging, Asked $asked, bool $isFree): ?array
    {
        $at = preg_match('/^old (\d+)$/', (string) $asked->at, $found) === 1 ? (int) $found[1] : null;
        $migrations = $bridging->migrations();
        foreach ($bridging->leftOver() as $old) {
            if ($at === null ? $isFree && $migrations[$old->id]->isOwnWork() : $old->id === $at) {
                return [$old, $migrations[$old->id]];
            }
        }

        return null;
    }

    /**
     * @param  list<Path>  $paths
     * @return array<string, string> by slot: the ecosystems that show it
     */
    private function labels(JobBridging $bridging, array $paths): array
    {
        $names = [];
        foreach ($paths as $path) {
            if ($path->isMet()) {
                $names[$path->want->device][] = $bridging->ecosystems[$path->want->ecosystem]->name;
            }
        }

        return array_map(static fn (array $some): string => implode(', ', $some), $names);
    }

    private function trouble(JobBridging $bridging): Move
    {
        return new Move(
            'bridge.trouble',
            static fn (): array => ['bridging' => $bridging],
            new Lens,
            lenses: BridgeLens::titles(),
            chosenLens: BridgeLens::Plan->value,
        );
    }
}
