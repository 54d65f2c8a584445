<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\CodeSheet;

/** Whether a device waits for its code before its window is opened. */
enum CodeNeed
{
    /** It carries none */
    case None;

    /** It joins without, and better with it */
    case Optional;
    case Missing;

    /** What was noted opens nothing any more: the device was reset since */
    case Stale;
    case Here;

    public static function of(?CodeSheet $sheet, bool $hasFresh, bool $hasStale): self
    {
        return match (true) {
            $sheet === null => self::None,
            $hasFresh => self::Here,
            $hasStale => self::Stale,
            $sheet->isNeeded => self::Missing,
            default => self::Optional,
        };
    }

    /** It comes before the window. */
    public function isFirst(): bool
    {
        return $this === self::Missing || $this === self::Stale;
    }

    public function isHere(): bool
    {
        return $this === self::Here;
    }
}
