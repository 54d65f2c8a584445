<?php

declare(strict_types=1);

namespace App\Stations\Survey;

use App\Stations\SubLenses;

/** What the survey may have in the middle. Some lenses stand within another: they share its key in the first row. */
enum SurveyLens: string
{
    case Devices = 'devices';
    case Existing = 'existing';
    case Measure = 'measure';
    case Questions = 'questions';
    case Rooms = 'rooms';
    case Wants = 'wants';
    case Radio = 'radio';
    case Channels = 'channels';
    case Circuits = 'circuits';
    case Control = 'control';
    case Cables = 'cables';
    case Closings = 'closings';
    case Heating = 'heating';

    /** The key in the first row that leads here. */
    public function main(): self
    {
        return match ($this) {
            self::Existing, self::Measure, self::Questions => self::Devices,
            self::Channels => self::Radio,
            self::Control, self::Cables, self::Closings, self::Heating => self::Circuits,
            default => $this,
        };
    }

    /** @return array<string, string> titles of the first row, by word */
    public static function titles(): array
    {
        $titles = [];
        foreach (self::cases() as $lens) {
            if ($lens->main() === $lens) {
                $titles[$lens->value] = $lens === self::Circuits ? 'Wiring' : ucfirst($lens->value);
            }
        }

        return $titles;
    }

    /** What stands under the same key; none where it stands alone. */
    public function within(): ?SubLenses
    {
        $titles = [];
        foreach (self::cases() as $lens) {
            if ($lens->main() === $this->main()) {
                $titles[$lens->value] = match ($lens) {
                    self::Devices => 'Planned',
                    self::Existing => 'There already',
                    self::Radio => 'Forecast',
                    default => ucfirst($lens->value),
                };
            }
        }

        return count($titles) > 1 ? new SubLenses($titles, $this->value) : null;
    }
}
