<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\MeshReading;
use App\Models\Snag;
use App\Radio\MeasuredMesh;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Handover\BatteryLife;
use Kavvel\Core\Mesh\MeshReport;

/** What a pack says, taken together once. */
final readonly class PackContent
{
    /**
     * @param  array<string, list<SlotCard>>  $rooms  the register, by room
     * @param  Collection<int, Snag>  $snags  accepted ones; open ones do not exist when a pack is issued
     * @param  array<string, array{cells: int, slots: list<SlotCard>, shortest: BatteryLife, due: string}>  $batteries  by type
     * @param  list<array{card: SlotCard, why: string}>  $keepPlugged
     */
    private function __construct(
        public array $rooms,
        public Collection $snags,
        public array $batteries,
        public array $keepPlugged,
        public ?MeshReading $survey,
        public ?MeshReport $mesh,
    ) {}

    public static function of(JobSheet $sheet): self
    {
        $survey = $sheet->job->radioSurveys()->where('state', 'done')->latest('id')->first();
        $report = $survey === null ? null : MeasuredMesh::of($sheet, $survey)->report;
        $rooms = [];
        foreach ($sheet->cards as $card) {
            $rooms[$card->room][] = $card;
        }

        return new self(
            $rooms,
            $sheet->job->snags()->whereIn('state', ['open', 'accepted'])->orderBy('id')->get(),
            self::batteries($sheet),
            self::keepPlugged($sheet, $report),
            $survey,
            $report,
        );
    }

    /** @return array<string, array{cells: int, slots: list<SlotCard>, shortest: BatteryLife, due: string}> */
    private static function batteries(JobSheet $sheet): array
    {
        $types = [];
        foreach ($sheet->cards as $card) {
            $battery = $card->profile->battery;
            if ($battery === null || ! $card->isIn()) {
                continue;
            }
            $life = $battery->life();
            $kept = $types[$battery->type] ?? null;
            $shortest = $kept === null || $life->years < $kept['shortest']->years ? $life : $kept['shortest'];
            $since = $card->node->joined_at ?? now();
            $due = $since->copy()->addDays((int) round($life->years * 365.25));
            $types[$battery->type] = [
                'cells' => ($kept['cells'] ?? 0) + $battery->count,
                'slots' => [...($kept['slots'] ?? []), $card],
                'shortest' => $shortest,
                'due' => $kept === null ? $due->format('Y-m') : min($kept['due'], $due->format('Y-m')),
            ];
        }
        ksort($types);

        return $types;
    }

    /** @return list<array{card: SlotCard, why: string}> mains devices that others reach the gateway through, and every other plug */
    private static function keepPlugged(JobSheet $sheet, ?MeshReport $report): array
    {
        $keep = [];
        $below = [];
        foreach ($report->nodes ?? [] as $node) {
            foreach (array_slice($node->path, 1, -1) as $relay) {
                $below[$relay] = ($below[$relay] ?? 0) + 1;
            }
        }
        foreach ($sheet->cards as $card) {
            if (! $card->isIn() || ! $card->profile->isRouter) {
                continue;
            }
            $count = $below[$card->key()] ?? 0;
            $keep[] = ['card' => $card, 'why' => match (true) {
                $count === 1 => 'One device reaches the hub through it.',
                $count > 1 => "{$count} devices reach the hub through it.",
                $card->profile->removable => 'It relays for its neighbours while it is plugged in and on.',
                default => 'It relays for its neighbours: leave its breaker on.',
            }];
        }

        return $keep;
    }
}
