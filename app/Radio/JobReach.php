<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\HubChoices;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Coverage\Prospect;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Wants\PlannedReach;

/** What the hubs and relays that a job has or plans would do for one more device. */
final readonly class JobReach
{
    public static function of(JobSheet $sheet): PlannedReach
    {
        $building = $sheet->geometry->building();
        $plan = new RadioPlan($building, $sheet->clutter());
        $choices = new HubChoices($sheet->hubs);
        $prospects = [];
        foreach (Protocol::cases() as $protocol) {
            $radio = Transceiver::of($protocol, $sheet->job->region);
            if ($radio === null || $sheet->hubs === []) {
                continue;
            }
            $hub = $choices->main($protocol) ?? $sheet->hubs[0];
            $own = array_filter($sheet->ofProtocol($protocol), static fn (SlotCard $card): bool => ($card->hub ?? $hub) === $hub);
            $prospects[$protocol->value] = Prospect::of(
                $protocol,
                $plan,
                Forecasts::hubEnd($hub, $radio),
                array_values($sheet->radioEnds($own, $building)),
            );
        }

        return new PlannedReach(self::spoken($sheet), $prospects, $sheet->job->acceptance_db);
    }

    /** @return list<Protocol>|null by hubs, or by devices that the job has; null: a hub is there of which nobody knows */
    private static function spoken(JobSheet $sheet): ?array
    {
        // Every house has its own Wi-Fi.
        $spoken = [Protocol::Wifi];
        foreach ($sheet->cards as $card) {
            $spoken[] = $card->profile->protocol;
        }
        foreach ($sheet->hubs as $hub) {
            if ($hub->speaks === []) {
                return null;
            }
            $spoken = [...$spoken, ...$hub->speaks];
        }

        return $sheet->hubs === [] ? null : array_values(array_unique($spoken, SORT_REGULAR));
    }
}
