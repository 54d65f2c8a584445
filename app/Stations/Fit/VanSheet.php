<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use App\JobSheet\SlotCard;
use App\Models\PairAttempt;
use Illuminate\Support\Collection;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Van\Stage;
use Kavvel\Core\Van\VanKind;
use Kavvel\Core\Van\VanList;
use Kavvel\Core\Van\VanRow;
use Kavvel\Core\Van\VanSlot;
use Kavvel\Core\Van\Visit;
use Kavvel\Core\Van\VisitPlan;

/** What the van has to bring on a visit, how long its work takes, and what such work took so far. */
final readonly class VanSheet
{
    private function __construct(
        private WallWork $wall,
        public VisitPlan $plan,
        public Visit $visit,
        public VanList $list,
    ) {}

    /** @param int|null $number of the visit; null: this one */
    public static function of(WallWork $wall, ?int $number): self
    {
        $job = $wall->sheet->job;
        $plan = VisitPlan::of(
            self::slots($wall),
            $job->visit_number,
            $job->visit_of,
            $job->planned_minutes - $job->used_minutes,
            $job->planned_minutes,
        );
        $visit = $plan->visit($number ?? $job->visit_number);

        return new self($wall, $plan, $visit, VanList::of($visit->slots));
    }

    /** @return list<string> what to have at hand for one device */
    public static function tools(WallWork $wall, WallSlot $slot): array
    {
        $own = VanList::of([self::slot($wall, $slot->key(), $slot->card, [Stage::Fit])])->rows();
        $tools = array_filter($own, static fn (VanRow $row): bool => $row->kind === VanKind::Tool || $row->kind === VanKind::Box);

        return array_values(array_map(static fn (VanRow $row): string => $row->what, $tools));
    }

    public function roomName(string $key): string
    {
        foreach ($this->wall->sheet->geometry->rooms as $room) {
            if ($room['key'] === $key) {
                return $room['name'];
            }
        }

        return $key;
    }

    /** @return list<array{stage: string, devices: int, planned: int, took: int}> what is done, against its plan */
    public function soFar(): array
    {
        $fitted = array_filter($this->wall->slots, static fn (WallSlot $one): bool => $one->fit->minutes !== null);
        $paired = $this->pairedSeconds();
        $rows = [
            [
                'stage' => 'In the wall', 'devices' => count($fitted),
                'planned' => array_sum(array_map(static fn (WallSlot $one): int => $one->card->profile->minutes->fit, $fitted)),
                'took' => array_sum(array_map(static fn (WallSlot $one): int => (int) $one->fit->minutes, $fitted)),
            ],
            [
                'stage' => 'Paired', 'devices' => $paired->count(),
                'planned' => $paired->keys()->sum(
                    fn (int $slot): int => $this->wall->sheet->cardOfSlot($slot)?->profile->minutes->pair ?? 0,
                ),
                'took' => (int) round($paired->sum() / 60),
            ],
        ];

        return array_values(array_filter($rows, static fn (array $row): bool => $row['devices'] > 0));
    }

    /** @return list<list<string|int>> heading and rows, as they are printed and written */
    public function table(): array
    {
        $rows = [['kind', 'what', 'count', 'for']];
        foreach ($this->list->rows() as $row) {
            $rows[] = [$row->kind->words(), $row->what, $row->count, $row->why];
        }

        return $rows;
    }

    /** @return Collection<int, float> from the first try to the last, by id of the slot */
    private function pairedSeconds(): Collection
    {
        return PairAttempt::query()->where('site_job_id', $this->wall->sheet->job->id)->whereNotNull('ended_at')->get()
            ->groupBy('slot_id')
            ->filter(static fn (Collection $tries): bool => $tries->contains('state', AttemptState::Joined))
            ->map(static fn (Collection $tries): float => (float) $tries->sum(
                static fn (PairAttempt $one): float => abs((float) $one->ended_at?->diffInSeconds($one->started_at)),
            ));
    }

    /** @return list<VanSlot> those of which something is open: first what goes into the wall, in its order */
    private static function slots(WallWork $wall): array
    {
        $cards = [];
        foreach ($wall->stops as $stop) {
            foreach ($stop->slots as $slot) {
                $cards[$slot->key] = $wall->slots[$slot->key]->card;
            }
        }
        $slots = [];
        foreach ($cards + $wall->sheet->cards as $key => $card) {
            $open = self::open($card);
            if ($open !== []) {
                $slots[] = self::slot($wall, (string) $key, $card, $open);
            }
        }

        return $slots;
    }

    /** @param list<Stage> $open */
    private static function slot(WallWork $wall, string $key, SlotCard $card, array $open): VanSlot
    {
        $own = $wall->slot($key);
        $geometry = $wall->sheet->geometry;

        return new VanSlot(
            $key,
            $geometry->rooms[$card->roomId]['key'],
            $own?->circuit?->key,
            $card->profile,
            $card->position()->z - (float) ($geometry->storey($card->storey)['elevation'] ?? 0.0),
            $open,
            $own?->boxFit,
            $own?->fit->wireList() ?? [],
        );
    }

    /** @return list<Stage> */
    private static function open(SlotCard $card): array
    {
        return array_values(array_filter(Stage::cases(), static fn (Stage $stage): bool => match ($stage) {
            Stage::Fit => ! $card->isFitted(),
            Stage::Pair => ! $card->isIn(),
            Stage::Name => ! $card->isNamed,
            Stage::Prove => $card->ladder->next() !== null,
        }));
    }
}
