<?php

declare(strict_types=1);

namespace App\Stations\Survey\Measure;

use App\Models\OpeningMeasure;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Measuring\Fit;
use Kavvel\Core\Measuring\FitReport;
use Kavvel\Core\Measuring\WindowSun;
use Kavvel\Core\Siting\RoomOpening;

/** A window or outer door of a room, with what was measured of it and what is planned for it. */
final readonly class MeasuredOpening
{
    /**
     * @param  string  $storey  key of the storey that it is on
     * @param  string  $room  key of its room
     * @param  string  $called  "window 2"
     * @param  Profile|null  $planned  a lock or blind that is planned there and has a sheet
     * @param  FitReport|null  $report  how that fits
     * @param  float|null  $bearing  where it looks; null: nobody has used a compass
     * @param  WindowSun|null  $sun  null: nobody has said where the house stands, or how it lies
     */
    public function __construct(
        public string $storey,
        public string $room,
        public string $roomName,
        public string $called,
        public RoomOpening $opening,
        public ?OpeningMeasure $row,
        public ?Profile $planned,
        public ?FitReport $report,
        public ?float $bearing,
        public ?WindowSun $sun,
    ) {}

    public function isWindow(): bool
    {
        return $this->opening->isWindow();
    }

    public function title(): string
    {
        return "{$this->roomName}, {$this->called}";
    }

    public function fit(): ?Fit
    {
        return $this->report?->verdict();
    }
}
