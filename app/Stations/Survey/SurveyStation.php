<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Models\Question;
use App\Models\Snag;
use App\Plan\Lens;
use App\Plan\LensLink;
use App\Stations\JobSheet;
use App\Stations\Move;
use App\Stations\SlotCard;
use Kavvel\Core\Radio\Margin;

/** What the plan forecasts, and what only other people can answer. */
final readonly class SurveyStation
{
    public function move(JobSheet $sheet, ?string $openSlot): Move
    {
        $weak = array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->forecast !== null
            && $card->forecast->bestDb !== null && $card->forecast->bestDb < $sheet->job->acceptance_db);
        usort($weak, static fn (SlotCard $a, SlotCard $b): int => $a->forecast?->bestDb <=> $b->forecast?->bestDb);
        $open = $sheet->card($openSlot);
        $links = $open?->forecast?->marginDb === null ? [] : [LensLink::forecast($open->key(), LensLink::GATEWAY, $open->forecast->marginDb)];

        return new Move('survey.move', static fn (): array => [
            'question' => Question::query()->where('site_job_id', $sheet->job->id)->whereNull('answered_at')->orderBy('due_on')->first(),
            'weak' => $weak,
            'words' => array_count_values(array_map(static fn (SlotCard $card): string => $card->forecast?->bestDb === null ? 'none' : Margin::of($card->forecast->bestDb)->value, array_values($sheet->cards))),
            'version' => $sheet->job->plan_version,
            'findings' => (new RadioFindings($sheet))->all(),
            'raised' => Snag::query()->where('site_job_id', $sheet->job->id)->where('state', 'open')->pluck('text')->all(),
        ], new Lens($links, showPoints: true), note: 'plan version '.$sheet->job->plan_version);
    }
}
