<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Logbook\Logbook;
use App\Models\MeshReading;
use App\Models\SiteJob;
use App\Models\Slot;
use App\Models\User;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Pairing\Placement;

/** What was paired at the bench, placed, and checked anew where it lives. */
final readonly class Placements
{
    public function __construct(private Logbook $logbook) {}

    /** @return array<string, Placement> of those that are work, by key of the slot, in the order of the plan */
    public static function due(JobSheet $sheet): array
    {
        $school = PairingOrder::from($sheet->job->school);
        if ($school !== PairingOrder::AtBench) {
            return [];
        }
        $read = self::readAt($sheet->job);
        $all = array_map(static fn (SlotCard $card): Placement => Placement::of(
            $school,
            $card->isPaired(),
            $card->placedAt(),
            $read["{$card->node?->gateway_id} {$card->profile->protocol->value}"] ?? self::heardAt($card),
        ), $sheet->cards);

        return array_filter($all, static fn (Placement $one): bool => $one->isWork());
    }

    /** @throws PlacementRefused */
    public function place(SiteJob $job, Slot $slot, User $person): void
    {
        $card = JobSheet::of($job)->cards[$slot->key];
        if (! $card->isPaired()) {
            throw PlacementRefused::isNotIn($slot);
        }
        $slot->update(['placed_at' => now()]);
        $this->logbook->write($job, $person, 'pair', "The {$slot->title()} is in its place.", $slot);
    }

    /** All that stand at the bench, at once. */
    public function placeAll(SiteJob $job, User $person): void
    {
        $keys = array_keys(array_filter(
            self::due(JobSheet::of($job)),
            static fn (Placement $one): bool => $one === Placement::ToPlace,
        ));
        Slot::query()->where('site_job_id', $job->id)->whereIn('key', $keys)->update(['placed_at' => now()]);
        if ($keys !== []) {
            $many = count($keys) === 1 ? 'One device is in its place' : count($keys).' devices are in their places';
            $this->logbook->write($job, $person, 'pair', "{$many}.");
        }
    }

    public function takeBack(SiteJob $job, Slot $slot, User $person): void
    {
        $slot->update(['placed_at' => null]);
        $this->logbook->write($job, $person, 'pair', "The {$slot->title()} is back at the bench.", $slot);
    }

    /** @return array<string, int> when each mesh was read last, by hub and protocol, in Unix seconds */
    private static function readAt(SiteJob $job): array
    {
        $read = [];
        $readings = MeshReading::query()->where('site_job_id', $job->id)->where('state', 'done')->orderBy('id');
        foreach ($readings->get(['gateway_id', 'protocol', 'asked_at']) as $reading) {
            $read["{$reading->gateway_id} {$reading->protocol->value}"] = $reading->asked_at->getTimestamp();
        }

        return $read;
    }

    /** One of a mesh is checked by a reading alone: that it speaks says nothing of its way. */
    private static function heardAt(SlotCard $card): ?int
    {
        return $card->profile->protocol->rules()->routes() !== null ? null : $card->node?->heard_at?->getTimestamp();
    }
}
