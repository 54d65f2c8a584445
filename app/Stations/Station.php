<?php

declare(strict_types=1);

namespace App\Stations;

/** The stations that exist, in the order in which people work. Their numbers stay while others are missing. */
enum Station: string
{
    case Survey = 'survey';
    case Pair = 'pair';
    case Name = 'name';
    case Mesh = 'mesh';
    case HandOver = 'hand-over';

    public function number(): int
    {
        return match ($this) {
            self::Survey => 1,
            self::Pair => 3,
            self::Name => 4,
            self::Mesh => 5,
            self::HandOver => 9,
        };
    }

    public function title(): string
    {
        return match ($this) {
            self::Survey => 'Survey',
            self::Pair => 'Pair',
            self::Name => 'Name',
            self::Mesh => 'Mesh',
            self::HandOver => 'Hand over',
        };
    }

    public function route(): string
    {
        return "jobs.{$this->value}";
    }
}
