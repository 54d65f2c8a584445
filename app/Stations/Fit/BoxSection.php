<?php

declare(strict_types=1);

namespace App\Stations\Fit;

use Kavvel\Core\Fit\FitCase;

/**
 * A box in the wall cut open, to scale: from the room on the left into the wall, in millimetres from the face of the wall.
 * Spacer, device and connectors follow one another; what is left of the box, or what it lacks, is what remains.
 */
final readonly class BoxSection
{
    /** Room before the face of the wall that is drawn, in millimetres */
    private const BEFORE_MM = 14.0;

    /** Wall behind the box that is drawn, in millimetres */
    private const BEHIND_MM = 18.0;

    private const PLATE_MM = 5.0;

    /**
     * @param  float  $fromMm  left edge of the drawing
     * @param  float  $widthMm  of the drawing
     * @param  float  $frontMm  where the device begins: the outer edge of the spacer
     * @param  float  $deviceMm  where the device ends
     * @param  float  $needMm  where its connectors end
     * @param  float  $boxMm  where the box ends
     */
    private function __construct(
        public float $fromMm,
        public float $widthMm,
        public float $frontMm,
        public float $deviceMm,
        public float $needMm,
        public float $boxMm,
    ) {}

    public static function of(FitCase $case): self
    {
        $front = -$case->spacerMm;
        $need = $front + $case->needDepthMm();
        $from = min($front - self::PLATE_MM, 0.0) - self::BEFORE_MM;
        $to = max($need, $case->boxMm) + self::BEHIND_MM;

        return new self($from, $to - $from, $front, $front + $case->sheet->depthMm, $need, $case->boxMm);
    }

    /** What is left behind the connectors; below nothing: what it lacks. */
    public function leftMm(): float
    {
        return $this->boxMm - $this->needMm;
    }

    public function plateMm(): float
    {
        return self::PLATE_MM;
    }
}
