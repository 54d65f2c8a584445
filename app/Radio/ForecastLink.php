<?php

declare(strict_types=1);

namespace App\Radio;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Plan\LensLink;

/** The forecast of one slot as it is drawn: to its predicted parent, or straight to its hub. */
final readonly class ForecastLink
{
    /** @return list<LensLink> */
    public static function of(JobSheet $sheet, SlotCard $card): array
    {
        $margin = $card->forecast?->bestDb;
        $hub = $card->hub ?? $sheet->hubs[0] ?? null;
        if ($margin === null || $hub === null) {
            return [];
        }
        $parent = $sheet->card($card->forecast?->parentKey);

        return [LensLink::forecast($card->key(), $parent?->key() ?? LensLink::hub($hub->key()), $margin)];
    }
}
