<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

use Kavvel\Core\Catalogue\LockSheet;

/** Whether a lock fits a door, and that the door stays a way out (RULES 9.1). */
final readonly class LockFit
{
    public static function of(DoorMeasures $door, LockSheet $sheet): FitReport
    {
        return new FitReport(array_values(array_filter([
            FitFinding::within('Thickness of the door', $door->thicknessMm, $sheet->doorMm, 'mm'),
            FitFinding::within('Backset', $door->backsetMm, $sheet->backsetMm, 'mm'),
            FitFinding::atLeast('Free before the door', $door->freeMm, $sheet->standsOutMm, 'mm'),
            $sheet->cylinderMm > 0.0 ? FitFinding::atLeast('Cylinder stands out', $door->cylinderMm, $sheet->cylinderMm, 'mm') : null,
            new FitFinding($door->hinges === null ? Fit::Unmeasured : Fit::Fits, $door->hinges === null
                ? 'Side of the hinges not noted: which way it turns follows from it'
                : "Hinges on the {$door->hinges->value} from inside: teach it that way round"),
            self::key($door->keyInside, $sheet->keyInside),
        ])), array_values(array_filter([
            'From inside the door opens without key, power and network; where it is a way out in a fire, local code decides what may go '
                .'on it.',
            $door->isMetal ? 'A metal door shields: measure its link with the door closed.' : null,
        ])));
    }

    private static function key(?bool $isLeftInside, bool $mayBeLeft): FitFinding
    {
        return match (true) {
            $isLeftInside === null => new FitFinding(Fit::Unmeasured, 'Nobody has asked whether a key is left in it inside'),
            $isLeftInside && ! $mayBeLeft => new FitFinding(
                Fit::No,
                'A key left inside blocks it from outside: a cylinder that opens all the same, or no key inside',
            ),
            default => new FitFinding(Fit::Fits, $isLeftInside ? 'A key may be left in it inside' : 'No key is left in it inside'),
        };
    }
}
