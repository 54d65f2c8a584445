<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\Models\BridgeLink;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Middle;
use App\Stations\Move;
use App\Wrapping\WrapperAtHand;
use Kavvel\Core\Bridging\BridgeStepKind;
use Kavvel\Core\Bridging\LinkAtHand;
use Kavvel\Core\Bridging\Migration;
use Kavvel\Core\Bridging\Path;
use Kavvel\Core\Bridging\Policy;
use Kavvel\Core\Bridging\Wrapper;

/** The paths of the job, drawn or on the plan, and what is next of them: settled, linked, named, proved, replaced. */
final readonly class PathsMove
{
    public static function of(JobBridging $bridging, Asked $asked, BridgeLens $lens): Move
    {
        $policy = Policy::tryFrom((string) $asked->show) ?? $bridging->policy();
        $plan = $bridging->plan($policy);
        $diagram = Diagram::of($bridging, $plan);
        $chosen = $diagram->row((string) preg_replace('/^row /', '', (string) $asked->at));
        $step = $bridging->step();
        $picked = self::picked($bridging, $asked);
        $next = $step->kind === BridgeStepKind::Settled ? $picked ?? LinkAtHand::next(array_values($bridging->links())) : null;
        $isFree = $picked === null && $next?->run->isBegun() !== true;
        $showings = Showings::of($bridging);
        $after = $step->kind === BridgeStepKind::Settled && $isFree ? AfterLinking::of($bridging, $showings) : null;
        $wrapping = WrapperAtHand::next($bridging, $asked->at, $step->kind === BridgeStepKind::Settled && $isFree);
        $proving = $step->kind === BridgeStepKind::Settled && $isFree ? $bridging->toProve() : null;
        $migrating = self::migrating($bridging, $asked, $step->kind === BridgeStepKind::Settled && $isFree);
        $window = $next?->run->windowUntil();
        $crossing = CrossingShown::of($bridging, $asked->at);
        $row = $next === null ? null : $bridging->begun($next->link->key());
        $isWaiting = $row?->asked_act !== null && $row->asked_at?->diffInSeconds(now()) < DoAct::PATIENCE;
        $data = [
            'place' => $next === null ? null : ActPlace::of($bridging, $next), 'isWaiting' => $isWaiting,
            'exported' => $next === null ? [] : $showings->exported($next), 'after' => $after, 'migrating' => $migrating,
            'crossing' => $crossing, 'wrapping' => $wrapping,
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
                $wrapping !== null => 'bridge.wrap',
                $migrating !== null => 'bridge.migration',
                $after !== null => 'bridge.after',
                $proving !== null => 'bridge.prove',
                $next !== null => 'bridge.link',
                default => 'bridge.move',
            },
            static fn (): array => $data,
            new Lens(
                labels: self::labels($bridging, $plan->paths),
                keys: array_map(static fn (Path $path): string => Wrapper::rawOf($path->want->device), $plan->paths),
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
            isLive: $window !== null || $isWaiting || $after?->isWaiting() === true || $crossing?->isUnderWay() === true
                || $wrapping?->isWaiting() === true,
            lenses: BridgeLens::titles(),
            chosenLens: $lens->value,
            // The code of a window stands on the card: it is kept nowhere.
            isOwn: $window !== null,
        );
    }

    /** A link that somebody goes on with instead of the one that is proposed. */
    private static function picked(JobBridging $bridging, Asked $asked): ?LinkAtHand
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
    private static function migrating(JobBridging $bridging, Asked $asked, bool $isFree): ?array
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
    private static function labels(JobBridging $bridging, array $paths): array
    {
        $names = [];
        foreach ($paths as $path) {
            if ($path->isMet()) {
                $names[Wrapper::rawOf($path->want->device)][] = $bridging->ecosystems[$path->want->ecosystem]->name;
            }
        }

        return array_map(static fn (array $some): string => implode(', ', array_unique($some)), $names);
    }
}
