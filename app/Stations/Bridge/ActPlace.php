<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Models\BridgeBox;
use App\Models\Ecosystem;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\LinkAtHand;

/** Which box or ecosystem can do the next act of a link over its own link. */
final readonly class ActPlace
{
    /** Null: none, it is done by hand. */
    public static function of(JobBridging $bridging, LinkAtHand $planned): BridgeBox|Ecosystem|null
    {
        $link = $planned->link;
        $place = match ($planned->run->act()?->kind) {
            ActKind::Include, ActKind::Key => $bridging->boxes[(string) $link->from] ?? null,
            ActKind::Window => self::ofWindow($bridging, $planned),
            ActKind::Count => $bridging->ecosystems[$link->to] ?? null,
            default => null,
        };

        return $place?->url === null ? null : $place;
    }

    /** The box that opens a sharing window: the one that exports, or the hub of a device that is shared itself. */
    public static function ofWindow(JobBridging $bridging, LinkAtHand $planned): ?BridgeBox
    {
        $key = $planned->link->from ?? $bridging->household->device($planned->link->devices[0])->hub;

        return $bridging->boxes[(string) $key] ?? null;
    }
}
