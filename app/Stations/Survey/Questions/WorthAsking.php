<?php

declare(strict_types=1);

namespace App\Stations\Survey\Questions;

use App\Floorplan\PlanStore;
use App\JobSheet\JobSheet;
use App\Stations\Survey\Wiring\ClosingsSheet;
use Kavvel\Core\Floorplan\Plan;
use Kavvel\Core\Questions\Ask;
use Kavvel\Core\Questions\Treated;
use Kavvel\Core\Questions\UnlikeNeighbours;

/** What the job itself gives to ask: counts that differ, windows and doors unlike their neighbours. */
final readonly class WorthAsking
{
    /** @param array<string, Ask> $asks by what they are about; those that were asked are not among them */
    private function __construct(public array $asks, public ClosingsSheet $closings) {}

    public static function of(JobSheet $sheet, PlanStore $plans, QuestionsSheet $questions): self
    {
        $closings = ClosingsSheet::of($sheet, $plans);
        $plan = $closings->plan;
        $asks = array_filter(array_map(Ask::ofCount(...), $closings->differences));
        foreach (UnlikeNeighbours::of($plan, self::treated($sheet, $plan)) as $unlike) {
            $asks[] = Ask::ofUnlike($unlike, $plan->room($unlike->room)->name);
        }
        $open = [];
        foreach ($asks as $ask) {
            if ($questions->about($ask->about) === null) {
                $open[$ask->about] = $ask;
            }
        }

        return new self($open, $closings);
    }

    /** The closing that comes next over what is asked; null: none covers it. */
    public function closingOf(Ask $ask): ?string
    {
        foreach ($this->closings->states as $state) {
            if ($ask->room !== null && ! $state->closing->isClosed && in_array($ask->room, $state->closing->rooms, true)) {
                return $state->closing->key;
            }
        }

        return null;
    }

    /** @return list<Treated> */
    private static function treated(JobSheet $sheet, Plan $plan): array
    {
        $treated = [];
        foreach ($sheet->cards as $card) {
            $room = $sheet->geometry->rooms[$card->roomId]['key'];
            $treated[] = Treated::byDevice($card->profile, $room, [$card->position()->x, $card->position()->y]);
        }
        foreach ($plan->things as $thing) {
            $treated[] = $thing->section === 'points' ? Treated::byPoint($thing) : null;
        }

        return array_values(array_filter($treated));
    }
}
