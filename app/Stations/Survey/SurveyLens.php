<?php

declare(strict_types=1);

namespace App\Stations\Survey;

/** What the survey may have in the middle. */
enum SurveyLens: string
{
    case Devices = 'devices';
    case Rooms = 'rooms';
    case Wants = 'wants';
    case Radio = 'radio';
    case Channels = 'channels';

    public function title(): string
    {
        return ucfirst($this->value);
    }

    /** @return array<string, string> titles by word */
    public static function titles(): array
    {
        return array_column(array_map(static fn (self $lens): array => [$lens->value, $lens->title()], self::cases()), 1, 0);
    }
}
