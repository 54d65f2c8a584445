<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\Showings;
use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use Kavvel\Core\Bridging\LinkAtHand;

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
        $toProve = count($bridging->plan()->worthwhile()) - $bridging->countProved();

        $toReplace = count($bridging->leftOver());
        // What is linked and proved may have its names still to set: that is looked for where nothing else is open.
        $toName = $open + $toMake + $toProve + $toReplace === 0 && $made > 0 ? $this->toName($bridging) : 0;

        $isBare = $wants === 0 && $open === 0 && $sheet->cards !== [];

        $left = $open + $toMake + $toProve + $toReplace + $toName;

        return new Progress($wants === 0 ? (float) $isBare : $bridging->countProved() / $wants, $left, match (true) {
            $open > 0 => "{$open} to settle",
            $toMake > 0 => "{$toMake} to link",
            $toProve > 0 => "{$toProve} to prove",
            $toReplace > 0 => "{$toReplace} to replace",
            $toName > 0 => "{$toName} to name there",
            default => '',
        });
    }

    private function toName(JobBridging $bridging): int
    {
        $showings = Showings::of($bridging);

        return array_sum(array_map(
            static fn (int|string $key): int => count($showings->toSet((string) $key)),
            array_keys($bridging->ecosystems),
        ));
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        $bridging = JobBridging::of($sheet);
        $lens = BridgeLens::tryFrom((string) $asked->lens) ?? BridgeLens::Paths;

        return match (true) {
            $lens === BridgeLens::Boxes => BoxesMove::of($bridging, $asked),
            $bridging->trouble !== null => $this->trouble($bridging),
            $lens === BridgeLens::Names => NamesGridMove::of($bridging, $asked),
            $lens === BridgeLens::Outage && $bridging->plan()->worthwhile() !== [] => OutageMove::of($bridging, $asked),
            default => PathsMove::of($bridging, $asked, $lens),
        };
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
