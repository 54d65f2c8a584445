<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Question;
use App\Models\Snag;
use App\Plan\Lens;
use App\Plan\LensLink;
use App\Radio\RadioFindings;
use App\Stations\Move;
use Kavvel\Core\Radio\Margin;
use Kavvel\Core\Radio\RadioFinding;

/**
 * What only other people can answer, what no wall explains, and what the plan forecasts: in this order.
 *
 * @phpstan-type Card array{question: Question|null, findings: list<RadioFinding>, toRaise: list<RadioFinding>, weak: list<SlotCard>, words: array<string, int>, version: int}
 */
final readonly class SurveyStation
{
    public function move(JobSheet $sheet, ?string $openSlot): Move
    {
        $note = 'plan version '.$sheet->job->plan_version;
        $open = $sheet->card($openSlot);
        if ($open !== null) {
            return new Move('survey.move', fn (): array => $this->card($sheet), new Lens($this->forecastLink($open), showPoints: true), note: $note);
        }
        $card = $this->card($sheet);
        $slot = $this->slotOf($card);

        return new Move('survey.move', static fn (): array => $card, new Lens($this->forecastLink($sheet->card($slot)), showPoints: true), $slot, note: $note);
    }

    /** @return Card */
    private function card(JobSheet $sheet): array
    {
        $findings = (new RadioFindings($sheet))->all();
        $raised = $findings === [] ? [] : Snag::query()->where('site_job_id', $sheet->job->id)->pluck('text')->all();

        return [
            'question' => Question::query()->where('site_job_id', $sheet->job->id)->whereNull('answered_at')->orderBy('due_on')->first(),
            'findings' => $findings,
            'toRaise' => array_values(array_filter($findings, static fn (RadioFinding $finding): bool => ! in_array($finding->text, $raised, true))),
            'weak' => $this->weak($sheet),
            'words' => array_count_values(array_map(static fn (SlotCard $card): string => $card->forecast?->bestDb === null ? 'none' : Margin::of($card->forecast->bestDb, $sheet->job->acceptance_db)->value, array_values($sheet->cards))),
            'version' => $sheet->job->plan_version,
        ];
    }

    /** @return list<SlotCard> those that would not be accepted, the weakest first */
    private function weak(JobSheet $sheet): array
    {
        $weak = array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->forecast?->bestDb !== null && $card->forecast->bestDb < $sheet->job->acceptance_db);
        usort($weak, static fn (SlotCard $a, SlotCard $b): int => $a->forecast?->bestDb <=> $b->forecast?->bestDb);

        return $weak;
    }

    /** @param Card $card */
    private function slotOf(array $card): ?string
    {
        return match (true) {
            $card['question'] !== null => null,
            $card['toRaise'] !== [] => $card['toRaise'][0]->slot,
            default => ($card['weak'][0] ?? null)?->key(),
        };
    }

    /** @return list<LensLink> */
    private function forecastLink(?SlotCard $card): array
    {
        return $card?->forecast?->marginDb === null ? [] : [LensLink::forecast($card->key(), LensLink::GATEWAY, $card->forecast->marginDb)];
    }
}
