<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Floorplan\PlanStore;
use App\JobSheet\JobCounts;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\SiteJob;
use App\Plan\Lens;
use App\Radio\ForecastLink;
use App\Stations\Asked;
use App\Stations\DrawsAlone;
use App\Stations\Legend;
use App\Stations\Move;
use App\Stations\Progress;
use App\Stations\Station;
use App\Stations\Survey\Channels\ChannelsLens;
use App\Stations\Survey\Existing\ExistingLens;
use App\Stations\Survey\Measure\MeasureLens;
use App\Stations\Survey\Questions\QuestionsLens;
use App\Stations\Survey\Questions\QuestionsSheet;
use App\Stations\Survey\Radio\RadioLens;
use App\Stations\Survey\Rooms\RoomsLens;
use App\Stations\Survey\Wants\WantsLens;
use App\Stations\Survey\Wants\WantsSheet;
use App\Stations\Survey\Wiring\CablesLens;
use App\Stations\Survey\Wiring\CircuitsLens;
use App\Stations\Survey\Wiring\ClosingsLens;
use App\Stations\Survey\Wiring\ControlLens;
use App\Stations\Survey\Wiring\HeatingLens;
use Kavvel\Core\Radio\Margin;
use Kavvel\Core\Survey\SurveyMove;
use Kavvel\Core\Survey\SurveyState;

/** What only other people can answer, what no wall explains, and what the plan forecasts. */
final readonly class SurveyStation implements DrawsAlone, Station
{
    public function __construct(
        private RoomsLens $rooms,
        private RadioLens $radio,
        private ChannelsLens $channels,
        private WantsLens $wants,
        private CircuitsLens $circuits,
        private ControlLens $control,
        private CablesLens $cables,
        private ClosingsLens $closings,
        private HeatingLens $heating,
        private QuestionsLens $questions,
        private ExistingLens $existing,
        private MeasureLens $measure,
        private PlanStore $plans,
    ) {}

    public function number(): int
    {
        return 1;
    }

    public function title(): string
    {
        return 'Survey';
    }

    public function progress(JobSheet $sheet, JobCounts $counts): Progress
    {
        $forecast = array_filter(
            $sheet->cards,
            static fn (SlotCard $card): bool => ! $card->hasRadio() || $card->forecast !== null,
        );
        $findings = count(OpenFindings::of($sheet)->open);
        $share = $sheet->cards === [] ? 0.0 : count($forecast) / count($sheet->cards);
        $words = array_filter([
            Progress::counting($share, $counts->openQuestions, 'question')->words,
            Progress::counting($share, $findings, 'finding')->words,
        ]);

        return new Progress($share, $counts->openQuestions + $findings, implode(', ', $words));
    }

    public function move(JobSheet $sheet, JobCounts $counts, Asked $asked): Move
    {
        $alone = $this->alone($sheet->job, $asked);
        if ($alone !== null) {
            return $alone;
        }
        $lens = $asked->slot === null ? SurveyLens::tryFrom((string) $asked->lens) : null;

        return match ($lens) {
            SurveyLens::Existing => $this->existing->move($sheet, $asked),
            SurveyLens::Measure => $this->measure->move($sheet, $asked),
            SurveyLens::Questions => $this->questions->move($sheet, $asked),
            SurveyLens::Wants => $this->wants->move($sheet, $asked),
            SurveyLens::Radio => $this->radio->move($sheet, $asked),
            SurveyLens::Channels => $this->channels->move($sheet, $asked),
            SurveyLens::Circuits => $this->circuits->move($sheet, $asked),
            SurveyLens::Control => $this->control->move($sheet, $asked),
            SurveyLens::Cables => $this->cables->move($sheet, $asked),
            SurveyLens::Closings => $this->closings->move($sheet, $asked),
            SurveyLens::Heating => $this->heating->move($sheet, $asked),
            default => $this->devices($sheet, $asked),
        };
    }

    public function alone(SiteJob $job, Asked $asked): ?Move
    {
        return $asked->lens === SurveyLens::Rooms->value && $asked->slot === null ? $this->rooms->move($job, $asked) : null;
    }

    private function devices(JobSheet $sheet, Asked $asked): Move
    {
        $findings = OpenFindings::of($sheet);
        $weak = $this->weak($sheet);
        $wants = WantsSheet::of($sheet, $this->plans);
        $loads = $wants->unknownLoads();
        $questions = QuestionsSheet::of($sheet->job);
        $kind = SurveyMove::of(new SurveyState(
            rooms: count($sheet->geometry->rooms),
            openQuestions: count($questions->open()),
            wants: count($wants->wants),
            suggestions: count($wants->report->suggestions),
            slots: count($sheet->cards),
            hubs: count($sheet->hubs),
            unknownLoads: count($loads),
            openFindings: count($findings->open),
            weak: count($weak),
        ));
        $slot = match ($kind) {
            SurveyMove::Feed => $loads[0]->key(),
            SurveyMove::Settle => $findings->open[0]->slot,
            SurveyMove::Look => $weak[0]->key(),
            default => null,
        };
        $drawn = $sheet->card($asked->slot) ?? $sheet->card($slot);

        return new Move(
            'survey.move',
            fn (): array => [
                'kind' => $kind,
                'questions' => $questions,
                'findings' => $findings,
                'suggestions' => count($wants->report->suggestions),
                'loads' => $loads,
                'weak' => $weak,
                'words' => $this->words($sheet),
            ],
            new Lens($drawn === null ? [] : ForecastLink::of($sheet, $drawn), showPoints: true),
            new Legend("plan version {$sheet->job->plan_version}"),
            $slot,
            lenses: SurveyLens::titles(),
            chosenLens: SurveyLens::Devices->value,
            within: SurveyLens::Devices->within(),
        );
    }

    /** @return list<SlotCard> those that would not be accepted, the weakest first */
    private function weak(JobSheet $sheet): array
    {
        $weak = array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->forecast?->bestDb !== null
            && ! Margin::of($card->forecast->bestDb, $sheet->job->acceptance_db)->isAccepted());
        usort($weak, static fn (SlotCard $a, SlotCard $b): int => $a->forecast?->bestDb <=> $b->forecast?->bestDb);

        return $weak;
    }

    /** @return array<string, int> how many devices the forecast says each word of; "none" of those without one */
    private function words(JobSheet $sheet): array
    {
        return array_count_values(array_map(static fn (SlotCard $card): string => $card->forecast?->bestDb === null
            ? 'none'
            : Margin::of($card->forecast->bestDb, $sheet->job->acceptance_db)->value, array_values($sheet->cards)));
    }
}
