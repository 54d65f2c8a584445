<?php

declare(strict_types=1);

namespace App\Stations\Name;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\NameBatch;
use App\Models\Pack;
use App\Naming\JobNames;
use App\Naming\RenameAsk;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Middle;
use App\Stations\Move;
use App\WhoIsWho\LeftoverList;
use Kavvel\Core\Naming\Conflict;
use Kavvel\Core\Naming\Rename;
use Kavvel\Core\Naming\RenamePlan;

/** All names of a job in one table: what could be mixed up, what many at once would become, and what was changed. */
final readonly class NamesMove
{
    private const BATCHES_SHOWN = 4;

    public function of(JobSheet $sheet, Asked $asked): Move
    {
        $names = JobNames::of($sheet);
        $ask = RenameAsk::of($asked->at);
        $plan = $ask === null ? null : $names->rename($ask);
        $conflicts = $ask === null ? $names->conflicts() : [];
        $rows = self::rows($sheet, $plan, $conflicts);

        return new Move(
            'name.names-side',
            static fn (): array => [
                'ask' => $ask,
                'asked' => $asked->at,
                'plan' => $plan,
                'conflicts' => $conflicts,
                'leftovers' => $ask === null ? LeftoverList::of($sheet) : [],
                'unnamed' => count(array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->slot->name === null)),
                'changes' => $plan === null ? [] : self::alsoChanges($sheet, $plan),
                'batches' => NameBatch::query()->where('site_job_id', $sheet->job->id)->withCount('changes')->latest('id')
                    ->limit(self::BATCHES_SHOWN)->get(),
            ],
            new Lens,
            middle: new Middle(
                'name.names',
                static fn (): array => ['rows' => $rows, 'ask' => $ask],
                serialize([$rows, $asked->at, $sheet->job->name_pattern]),
                $sheet->geometry->storeys[0]['key'] ?? '',
                [],
            ),
            lenses: NameLens::titles(),
            chosenLens: NameLens::Names->value,
        );
    }

    /**
     * @param  list<Conflict>  $conflicts
     * @return array<string, list<array<string, mixed>>> by room
     */
    private static function rows(JobSheet $sheet, ?RenamePlan $plan, array $conflicts): array
    {
        $renames = array_column($plan->renames ?? [], null, 'id');
        $why = [];
        foreach ($conflicts as $conflict) {
            foreach ($conflict->ids as $id) {
                $why[$id][] = $conflict->why;
            }
        }
        $rows = [];
        foreach ($sheet->cards as $key => $card) {
            $rename = $renames[$key] ?? null;
            $rows[$card->room][] = [
                'key' => (string) $key, 'tag' => $card->tag(), 'title' => $card->title(), 'name' => $card->slot->name,
                'isIn' => $card->isIn(), 'isNamed' => $card->isNamed, 'label' => self::written($card),
                'to' => $rename?->to, 'id' => $rename?->changesId() === true ? $rename->slugTo : null,
                'refusals' => $rename->refusals ?? [], 'warnings' => $rename->warnings ?? $why[$key] ?? [],
            ];
        }

        return $rows;
    }

    /** What its device shows, where that is not the whole name. */
    private static function written(SlotCard $card): ?string
    {
        $written = implode(', ', array_filter([$card->slot->label, $card->slot->label_place]));

        return $written === '' || $written === $card->slot->name ? null : $written;
    }

    /** @return list<string> what else changes with these names */
    private static function alsoChanges(JobSheet $sheet, RenamePlan $plan): array
    {
        $good = $plan->good();
        $toWrite = array_filter($good, static fn (Rename $one): bool => $sheet->card($one->id)?->isIn() === true);
        $asleep = array_filter($toWrite, static fn (Rename $one): bool => $sheet->card($one->id)?->profile->power === 'battery');
        $ids = count(array_filter($good, static fn (Rename $one): bool => $one->changesId()));
        $pack = Pack::query()->where('site_job_id', $sheet->job->id)->where('state', 'ready')->latest('id')->first();

        return array_values(array_filter([
            $toWrite === [] ? '' : count($toWrite).(count($toWrite) === 1 ? ' label is' : ' labels are').' written to devices'
                .($asleep === [] ? '' : ', '.count($asleep).' of them when they wake'),
            $ids === 0 ? '' : "{$ids} ".($ids === 1 ? 'id' : 'ids').' for programs: what outside goes by the old one has to be told',
            $pack === null ? '' : "Pack {$pack->number} shows the names as they were: make the next one",
        ]));
    }
}
