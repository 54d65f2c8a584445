<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

use Kavvel\Core\Catalogue\BlindKind;
use Kavvel\Core\Catalogue\BlindSheet;

/** Whether a blind, or a motor for one, fits a window (RULES 9.4, powered blind). */
final readonly class BlindFit
{
    /** @param float|null $socketM how far the nearest socket is along the wall and up to the motor; null: there is none in the room */
    public static function of(WindowMeasures $window, BlindSheet $sheet, ?float $socketM): FitReport
    {
        $area = $window->widthM === null || $window->dropM === null ? null : $window->widthM * $window->dropM;

        return new FitReport(array_values(array_filter([
            self::kind($window->kind, $sheet),
            FitFinding::atMost('Width', $window->widthM, $sheet->mostWidthM, 'm'),
            $sheet->mostAreaM2 === null ? null : FitFinding::atMost('Area', $area, $sheet->mostAreaM2, 'm²'),
            $window->isInReveal && $sheet->depthMm > 0.0
                ? FitFinding::atLeast('Depth of the reveal', $window->depthMm, $sheet->depthMm, 'mm') : null,
            $sheet->leadM === null ? null : self::lead($window->motor, $socketM, $sheet->leadM),
            $window->mustTilt && ! $sheet->tilts ? new FitFinding(Fit::No, 'It does not turn slats, and it is to') : null,
        ])), array_values(array_filter([
            $window->hasCord ? 'A cord is guided and held taut on the wall: a loop can strangle a child.' : null,
            'It is held by screws for good; adhesive only while trying.',
            $window->kind === BlindKind::Shutter ? 'It can shut somebody in or out: by hand it opens too.' : null,
        ])));
    }

    private static function kind(?BlindKind $kind, BlindSheet $sheet): FitFinding
    {
        return match (true) {
            $kind === null => new FitFinding(Fit::Unmeasured, 'Nobody has noted what hangs there'),
            in_array($kind, $sheet->kinds, true) => new FitFinding(Fit::Fits, "It drives a {$kind->words()}"),
            default => new FitFinding(Fit::No, "It drives no {$kind->words()}"),
        };
    }

    private static function lead(?Hand $motor, ?float $socketM, float $leadM): FitFinding
    {
        return match (true) {
            $motor === null => new FitFinding(Fit::Unmeasured, 'Side of the motor not noted: how far its socket is follows from it'),
            $socketM === null => new FitFinding(Fit::No, 'No socket in the room, and it has a lead'),
            default => FitFinding::atMost('Way to the nearest socket', round($socketM, 2), $leadM, 'm'),
        };
    }
}
